package wegweiser.core.derived;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Proof;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.ReturnContacts;
import wegweiser.core.wiring.Nets;

/**
 * Everything that follows from a job, each part computed once, when it is first asked for. Whoever needs a part takes it
 * from here, so that one job is not weighed several times for one picture. Parts of packages above this one are kept by
 * {@link #once} under a key of theirs. May be asked from several threads; a part that fails, or is interrupted because it
 * was overtaken, is computed anew when asked for again.
 */
public final class Derived {
    private final Job job;
    private final Map<Object, Part> parts = new ConcurrentHashMap<>();
    private final Optional<Derived> plan;

    private enum Own {
        PLAN,
        CATALOGUE,
        TERMINALS,
        INDEX,
        NETS,
        NETS_OF_PINS,
        PINS,
        BY_TERMINAL,
        EVIDENCE,
        PROOF,
        FORESEEN,
        LOOSE_LEADS
    }

    /** A part and whether it is there yet. */
    private static final class Part {
        private Object value;

        /** One thread computes, the others wait for it; a failure leaves nothing. */
        synchronized Object get(Supplier<?> how) {
            if (value == null) {
                value = Objects.requireNonNull(how.get());
            }
            return value;
        }
    }

    private Derived(Job job, Optional<Derived> plan) {
        this.job = job;
        this.plan = plan;
    }

    /** What follows from a job; nothing is computed yet. */
    public static Derived of(Job job) {
        return new Derived(job, Optional.empty());
    }

    /** The same where an earlier state of the job was looked at: what follows from the plan is kept as long as it is the same. */
    public static Derived of(Job job, Derived earlier) {
        Derived plan = earlier.plan();
        return new Derived(job, Optional.of(plan).filter(p -> p.job.equals(planOf(job))));
    }

    /** What follows from the plan, whatever was read and done: from the same job without readings. */
    public Derived plan() {
        return plan.orElseGet(() -> once(Own.PLAN, () -> {
            Job bare = planOf(job);
            return bare.equals(job) ? this : of(bare);
        }));
    }

    private static Job planOf(Job job) {
        return job.withReadings(List.of()).unbuilt();
    }

    /**
     * A part by its key, computed by {@code how} the first time.
     *
     * @param key equal for the same part, with all that it depends on beside the job
     */
    @SuppressWarnings("unchecked")
    public <T> T once(Object key, Supplier<T> how) {
        return (T) parts.computeIfAbsent(key, _ -> new Part()).get(how);
    }

    public Job job() {
        return job;
    }

    /** The connectors there are, those of the job's own included. */
    public Catalogue catalogue() {
        return once(Own.CATALOGUE, () -> Catalogue.of(job));
    }

    /** All terminals of all ends. */
    public List<Terminal> terminals() {
        return once(Own.TERMINALS, () -> Terminals.of(job));
    }

    public TerminalIndex index() {
        return once(Own.INDEX, () -> new TerminalIndex(terminals()));
    }

    /** The nets that are planned. */
    public Nets nets() {
        return once(Own.NETS, () -> Nets.of(index(), job.links()));
    }

    /** The contacts that the pinouts name. */
    public List<Pin> pins() {
        return once(Own.PINS, () -> Pin.of(job));
    }

    /** What the readings prove of copper and parts. */
    public Evidence evidence() {
        return once(Own.EVIDENCE, () -> new Evidence(index(), job.readings()));
    }

    /** How far the readings prove the cable. */
    public Proof proof() {
        return once(Own.PROOF, () -> Proof.of(job, evidence()));
    }

    /** What the cable as planned shows at any touch. */
    public Foreseen foreseen() {
        return once(Own.FORESEEN, () -> new Foreseen(nets(), job.links()));
    }

    /** What was measured on loose leads behind an end that stays. */
    public LooseLeads looseLeads() {
        return once(Own.LOOSE_LEADS, () -> LooseLeads.of(job));
    }

    public Optional<Pin> pin(Terminal terminal) {
        return Optional.ofNullable(byTerminal().get(terminal));
    }

    private Map<Terminal, Pin> byTerminal() {
        return once(Own.BY_TERMINAL, () -> {
            Map<Terminal, Pin> found = new HashMap<>();
            pins().forEach(p -> found.put(p.terminal(), p));
            return found;
        });
    }

    /** The pins in each planned net of two terminals or more. */
    public List<List<Pin>> netsOfPins() {
        return once(Own.NETS_OF_PINS, () -> {
            List<List<Pin>> found = new ArrayList<>();
            for (List<Terminal> net : nets().joinedNets()) {
                List<Pin> inNet = net.stream().map(byTerminal()::get).filter(Objects::nonNull).toList();
                if (!inNet.isEmpty()) {
                    found.add(inNet);
                }
            }
            return found;
        });
    }

    public Optional<ConnectorType> connector(String end) {
        return job.end(end).flatMap(catalogue()::of);
    }

    public Optional<CableStock> cable() {
        return Cables.of(job);
    }

    /** The contact of an end that takes the screen and is the return of its signal, if there is one. */
    public Optional<Terminal> returnContact(String end) {
        return job.end(end).flatMap(e -> ReturnContacts.of(e, connector(end)));
    }

    /** Whether a terminal is such a contact. */
    public boolean isReturn(Terminal terminal) {
        return returnContact(terminal.end()).map(terminal::equals).orElse(false);
    }
}

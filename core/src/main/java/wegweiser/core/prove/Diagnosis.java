package wegweiser.core.prove;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Place;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.faults.FaultKind;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Superseded;
import wegweiser.core.model.Terminal;
import wegweiser.core.wiring.EndChange;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Recogniser;
import wegweiser.core.wiring.Wiring;
import wegweiser.core.words.Words;

/**
 * Looks for the shortest story that explains the difference between plan and measurement. Each typical mistake
 * predicts a wiring; it is scored by the share of the deviating pairs it predicts, less the pairs it predicts
 * against what was measured, and among equals the commoner mistake wins. O(mistakes x terminals²).
 */
public final class Diagnosis {
    private static final double WORTH_TELLING = 0.3;
    /** What accounts for all joins and not for all readings. */
    private static final double ALMOST = 0.99;
    /** What makes one of several full explanations the first: a whole wiring, before mistakes in part of one. */
    private static final double WHOLE = 0.004;
    /** What an e-fold of time for a repair counts among stories that explain as much. */
    private static final double PAINS = 0.0004;
    private static final int MOST_SECONDS = 3600;
    private final Job job;
    private final Nets planned;
    private final Assembly assembly;
    private final Evidence evidence;
    private final List<Scored> found = new ArrayList<>();

    private record Scored(Explanation explanation, double rank) {}

    private Diagnosis(Job job, Evidence evidence) {
        this.job = job;
        this.evidence = evidence;
        this.planned = Nets.of(evidence.index(), job.links());
        this.assembly = Assembly.of(Derived.of(job));
    }

    /**
     * Explanations, the best first; empty when nothing deviates from the plan. Where something that goes wrong at the bench
     * accounts for every reading, that is told and nothing that accounts for a part of them.
     */
    public static List<Explanation> of(Derived derived, Verdict verdict) {
        return of(derived, derived.evidence(), verdict.faults());
    }

    /** The same of readings that were weighed elsewhere. */
    public static List<Explanation> of(Job job, Evidence evidence, List<Fault> faults) {
        return of(Derived.of(job), evidence, faults);
    }

    private static List<Explanation> of(Derived derived, Evidence evidence, List<Fault> faults) {
        if (faults.isEmpty()) {
            return List.of();
        }
        Job job = derived.job();
        List<Stories.Story> stories = Stories.of(derived, evidence);
        StoryWords words = new StoryWords(Assembly.of(derived), evidence);
        List<Explanation> whole = stories.stream().map(words::of).toList();
        boolean oneThing = !stories.isEmpty() && stories.getFirst().faults().size() == 1;
        boolean otherColours = !whole.isEmpty()
                && whole.getFirst().kind().equals(FaultKind.COLOUR_STANDARD.id());
        Diagnosis diagnosis = new Diagnosis(job, evidence);
        diagnosis.endChanges();
        diagnosis.otherSchemes();
        diagnosis.singleFaults(faults);
        // what accounts for every reading, by one thing wrong, comes before what accounts for the joins alone
        WhatIf.of(job, evidence).forEach(e -> diagnosis.found.add(
                new Scored(e, 1 + (e.kind().equals("cold-joint") ? 3 : 2) * WHOLE)));
        diagnosis.found.sort(Comparator.comparingDouble(Scored::rank).reversed());
        List<Explanation> others = diagnosis.found.stream().map(Scored::explanation).distinct()
                .filter(e -> whole.isEmpty()
                        || e.explains() >= 1 && diagnosis.isShorter(e, oneThing, otherColours))
                .toList();
        return Stream.concat(others.stream(), whole.stream()).limit(6).toList();
    }

    /**
     * Whether a story that is not among what is listed is shorter than what is: another wiring altogether, or two wires
     * swapped where nobody can swap them afterwards.
     */
    private boolean isShorter(Explanation e, boolean oneThing, boolean otherColours) {
        boolean pressed = !e.end().isEmpty() && !assembly.at(e.end()).undoing().isWireByWire();
        return e.kind().endsWith("-instead")
                ? !otherColours
                : !oneThing && pressed && e.kind().equals(FaultKind.SWAPPED.id());
    }

    private void endChanges() {
        // nobody was at an end that was on the cable before
        for (End end : assembly.made().stream().map(Place::end).toList()) {
            ConnectorType type = assembly.at(end.name()).type().orElse(null);
            if (type == null) {
                continue;
            }
            for (EndChange change : EndChange.all(type)) {
                Superseded.check();
                if (change.kind() == EndChange.Kind.SWAPPED && !areExchangeable(end, change.what())) {
                    continue;
                }
                Nets predicted = change.applyTo(planned, end.name());
                double explains = explains(predicted);
                if (explains < WORTH_TELLING) {
                    continue;
                }
                int joints = (int) type.pinIds().stream()
                        .filter(change.moved()::containsKey)
                        .filter(id -> isUsed(end, id)
                                || change.source(id).filter(s -> isUsed(end, s)).isPresent())
                        .count();
                boolean forgotten = change.kind() == EndChange.Kind.TWIST && isStraight(
                        Wiring.between(predicted, end.name(), other(end)));
                String text = Words.say("diagnosis." + change.kind().id() + (forgotten ? ".forgotten" : ""),
                        end.name(), Words.list(change.what()), type.title());
                add(change.kind().id(), end.name(), text, explains, repair(end, change, type), joints,
                        change.kind() == EndChange.Kind.COLOUR_STANDARD
                                ? WHOLE + 0.001
                                : 0.001 * Math.log(1 + change.weight()) - pains(end));
            }
        }
    }

    private String other(End end) {
        return job.ends().stream().map(End::name).filter(e -> !e.equals(end.name())).findFirst().orElse("");
    }

    /** A place without a wire has none to give: that is a wire in the place beside. */
    private boolean areExchangeable(End end, List<String> contacts) {
        return contacts.stream().allMatch(contact -> isUsed(end, contact));
    }

    private boolean isUsed(End end, String contact) {
        Terminal terminal = end.terminal(contact);
        return planned.index().contains(terminal) && planned.netOf(terminal).size() > 1;
    }

    private List<String> repair(End end, EndChange change, ConnectorType type) {
        return switch (change.kind()) {
            case SWAPPED -> List.of(StoryWords.whole(assembly.at(end.name()))
                    .orElseGet(() -> Words.say("repair.swap", end.name(),
                            change.what().get(0), change.what().get(1))));
            case COLOUR_STANDARD -> List.of(Words.say("repair.replug", end.name()));
            case MIRRORED, SHIFTED, ROWS_SWAPPED, RIBBON_FOR_NUMBER, TWIST -> List
                    .of(StoryWords.whole(assembly.at(end.name()))
                            .orElseGet(() -> Words.say("repair.redo", end.name(), type.title())));
        };
    }

    /** Of two ends at which the same could be wrong the one that opens more easily comes first. */
    private double pains(End end) {
        return PAINS * Math.log(Math.min(MOST_SECONDS, assembly.at(end.name()).undoing().seconds()));
    }

    /** Crossed where straight was planned, or straight where crossed was. */
    private void otherSchemes() {
        if (job.ends().size() != 2) {
            return;
        }
        End a = job.ends().get(0);
        End b = job.ends().get(1);
        Catalogue catalogue = Catalogue.of(job);
        String familyA = catalogue.of(a).map(ConnectorType::family).orElse("");
        String familyB = catalogue.of(b).map(ConnectorType::family).orElse("");
        Wiring plan = Wiring.between(planned, a.name(), b.name());
        boolean planStraight = isStraight(plan);
        // a ribbon is straight by itself: there the run that was to be turned over is the shorter story
        boolean ribbon = job.ends().stream().flatMap(e -> catalogue.of(e).stream())
                .anyMatch(t -> t.termination() == Termination.RIBBON);
        if (!planStraight && !ribbon && familyA.equals(familyB)) {
            instead("straight-instead", straight(plan), Words.say("diagnosis.straight-instead.own"), plan);
        }
        for (Recogniser.Candidate candidate : Recogniser.candidates(familyA, familyB)) {
            boolean straight = candidate.named().id().startsWith("straight");
            boolean crossed = candidate.named().id().startsWith("crossed");
            if (planStraight != straight && (straight || crossed)) {
                String kind = straight ? "straight-instead" : "crossed-instead";
                instead(kind, candidate.wiring(), candidate.named().title(), plan);
            }
        }
    }

    /** A whole wiring in place of another is a better story than the swaps that it can be seen as. */
    private void instead(String kind, Wiring wiring, String title, Wiring plan) {
        Nets nets = netsOf(wiring, job.ends().get(0).name(), job.ends().get(1).name());
        boolean whole = evidence.sound().stream().allMatch(new Foreseen(nets, job.links())::fits);
        // a cold joint shows in ohms and not among the joins
        double explains = whole ? explains(nets) : Math.min(ALMOST, explains(nets));
        if (explains >= WORTH_TELLING) {
            add(kind, "", Words.say("diagnosis." + kind, title), explains,
                    List.of(Words.say("repair.crossing")),
                    Math.max(2, 2 * plan.nets().size() / 3), WHOLE);
        }
    }

    /** The contacts of a wiring, each joined to the one of the same number. */
    private static Wiring straight(Wiring plan) {
        List<Wiring.Net> nets = new ArrayList<>();
        for (Wiring.Net net : plan.nets()) {
            for (String contact : net.near()) {
                var one = new TreeSet<>(List.of(contact));
                nets.add(new Wiring.Net(one, one));
            }
        }
        return new Wiring(nets);
    }

    private static boolean isStraight(Wiring wiring) {
        return !wiring.nets().isEmpty() && wiring.nets().stream().allMatch(n -> n.near().equals(n.far()));
    }

    private Nets netsOf(Wiring wiring, String a, String b) {
        List<wegweiser.core.model.Link> links = new ArrayList<>();
        for (Wiring.Net net : wiring.nets()) {
            List<Terminal> members = new ArrayList<>();
            net.near().forEach(c -> members.add(new Terminal(a, c)));
            net.far().forEach(c -> members.add(new Terminal(b, c)));
            for (int k = 1; k < members.size(); k++) {
                links.add(wegweiser.core.model.Link.of(members.getFirst(), members.get(k)));
            }
        }
        return Nets.of(evidence.index(), links);
    }

    private void singleFaults(List<Fault> faults) {
        double each = 1.0 / faults.size();
        for (Fault fault : faults) {
            if (fault.terminals().size() > 2) {
                add("short", "", Words.say("diagnosis.gang", Words.list(fault.terminals())), each,
                        List.of(Words.say("repair.gang")), 1, 0);
                continue;
            }
            List<Terminal> where = whereHandsWere(fault);
            Terminal a = where.get(0);
            Terminal b = where.get(1);
            String kind = switch (fault.kind()) {
                case OPEN -> "open";
                case SHORT, PART_UNPLANNED -> "short";
                case STRAND_LEFT -> "strand-left";
                case PART_REVERSED -> "part-reversed";
                case PART_MISSING, PART_WRONG -> "open";
            };
            String end = a.end().equals(b.end()) ? a.end() : "";
            String key = fault.kind().id();
            add(kind, end, Words.say("diagnosis." + key, a, b), each,
                    List.of(Words.say("repair." + key, a, b)), 1,
                    // the faults in the order in which they were found, below any whole mistake
                    Math.max(0.0005, 0.0015 - 0.0001 * found.size()));
        }
    }

    /**
     * The two terminals of a fault by which hands find it: of a short those that lie side by side at an end that was made,
     * wherever the meter touched; of a joint the one that was made first of the two.
     */
    private List<Terminal> whereHandsWere(Fault fault) {
        Terminal a = fault.terminals().get(0);
        Terminal b = fault.terminals().get(1);
        if (fault.kind() == Fault.Kind.SHORT) {
            for (Place place : assembly.made()) {
                for (Terminal one : atPlace(a, place)) {
                    List<String> near = place.type().map(t -> t.neighbours(one.contact())).orElse(List.of());
                    Optional<Terminal> other = atPlace(b, place).stream()
                            .filter(t -> near.contains(t.contact()))
                            .findFirst();
                    if (other.isPresent()) {
                        return List.of(one, other.get());
                    }
                }
            }
        }
        boolean turned = assembly.stays(a.end()) && !assembly.stays(b.end());
        return fault.kind() == Fault.Kind.OPEN && turned ? List.of(b, a) : List.of(a, b);
    }

    /** The terminals of a place that the plan joins with one. */
    private List<Terminal> atPlace(Terminal terminal, Place place) {
        return planned.netOf(terminal).stream().filter(t -> t.end().equals(place.name())).toList();
    }

    private void add(String kind, String end, String text, double explains, List<String> repair, int joints,
            double bonus) {
        double rounded = Math.round(1000 * explains) / 1000.0;
        found.add(new Scored(new Explanation(kind, end, text, rounded, repair, joints), explains + bonus));
    }

    /** Share of the pairs that deviate from the plan and are predicted, less those predicted against measurement. */
    private double explains(Nets predicted) {
        int deviating = 0;
        int right = 0;
        int wrong = 0;
        int n = evidence.index().size();
        for (int i = 0; i < n; i++) {
            for (int j = i + 1; j < n; j++) {
                boolean joined = evidence.isJoined(i, j);
                if (!joined && !evidence.isApart(i, j)) {
                    continue;
                }
                boolean plan = planned.partition().isJoined(i, j);
                boolean predict = predicted.partition().isJoined(i, j);
                if (plan != joined) {
                    deviating++;
                    right += predict == joined ? 1 : 0;
                } else if (predict != joined) {
                    wrong++;
                }
            }
        }
        return deviating == 0 ? 0 : (right - wrong) / (double) deviating;
    }
}

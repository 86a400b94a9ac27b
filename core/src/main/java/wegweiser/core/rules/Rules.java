package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Job;

/** All rules, and the check of a job against them. */
public final class Rules {
    private static final List<Rule> ALL = List.of(new Mains(), new LethalDevice(), new ContactUnknown(),
            new ConnectorReplaced(),
            new OutToOut(), new CrossedNeeded(), new StraightNeeded(), new OutputToGround(),
            new OutputToSupply(),
            new SupplyToGround(), new SupplyToSupply(), new SupplyToSignal(), new SupplyVoltage(),
            new BudgetExceeded(), new ConductorThin(), new DropTooLarge(), new PartPower(), new FuseMissing(),
            new FuseTooLarge(),
            new FuseTooSmall(), new PartNeeded(), new PhantomPower(), new MeasuringWires(), new JackShorts(),
            new LevelClash(), new LevelMarginal(), new LevelUnknown(), new PairCrossed(), new LabelSchool(),
            new NoCommonGround(), new GroundsApart(), new DoesNotMate(), new SourcesDisagree(),
            new MeasuredOtherwise(),
            new PlanContradictsReading(), new AssumedOnly(),
            new LoomFits(), new TooFewConductors(), new ConductorUnknown(), new ConductorImpossible(),
            new EarthColour(),
            new HandshakeOpen(),
            new InWithoutSource(), new LineWithoutPartner(), new ContactTwice(), new EntryTooLarge(),
            new EntryTooSmall(), new WireDoesNotFit(), new PairSplit(), new PairUntwisted(),
            new SameColourTwice(),
            new Capacitance(),
            new LengthLimit(), new Terminators(), new NamesDiffer(), new MarkerMissing(),
            new ScreenContactOpen(),
            new ScreenFloating(),
            new ScreenBothEnds(), new ScreenCarriesSignal(), new DirectionGuessed(), new SourceSingle(),
            new SpareConductor(), new PortBrings());

    private static final Set<String> CROSSINGS = Set.of("crossed-needed", "straight-needed");

    private Rules() {}

    public static List<Rule> all() {
        return ALL;
    }

    /** Every finding of a job, errors first. Findings that a waiver covers are left in; see {@link #isWaived}. */
    public static List<Finding> check(Job job) {
        return check(Derived.of(job));
    }

    /** What one rule finds; for whoever tries many plans against it. */
    public static List<Finding> by(String id, Job job) {
        return ALL.stream().filter(r -> r.id().equals(id)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no rule " + id)).check(Derived.of(job));
    }

    /** The same of a job from which something follows already. */
    public static List<Finding> check(Derived derived) {
        return derived.once(Rules.class, () -> checked(derived));
    }

    private static List<Finding> checked(Derived derived) {
        List<Finding> found = new ArrayList<>();
        if (Mains.isIn(derived)) {
            // all else would be advice on how to go on
            return List.copyOf(new Mains().check(derived));
        }
        for (Rule rule : ALL) {
            found.addAll(rule.check(derived));
        }
        found.sort(Comparator.comparing(Finding::severity));
        // what is said of a cable and a kind of connector is said once, at however many ends it is
        Set<List<Object>> said = new HashSet<>();
        return found.stream().filter(f -> !f.terminals().isEmpty()
                || said.add(List.of(f.rule(), f.severity(), f.message()))).toList();
    }

    /**
     * What a person is to read: two outputs that meet because a pair is crossed or not are one mistake, and are told
     * once, by the rule that knows the reason.
     */
    public static List<Finding> spoken(List<Finding> findings) {
        return findings.stream().filter(f -> !isToldBetter(f, findings)).toList();
    }

    private static boolean isToldBetter(Finding finding, List<Finding> findings) {
        return finding.rule().equals("out-to-out")
                && findings.stream().filter(f -> CROSSINGS.contains(f.rule()))
                        .anyMatch(f -> f.terminals().containsAll(finding.terminals()));
    }

    /** Whether the person gave a written reason for this finding; of mains none counts. */
    public static boolean isWaived(Job job, Finding finding) {
        return !Mains.is(finding) && job.waivers().stream()
                .anyMatch(w -> w.rule().equals(finding.rule())
                        && new HashSet<>(w.terminals()).equals(new HashSet<>(finding.terminals())));
    }

    /** Errors without a waiver: these keep the cable from being ready. */
    public static List<Finding> blocking(Job job, List<Finding> findings) {
        return spoken(findings).stream().filter(Finding::isError).filter(f -> !isWaived(job, f)).toList();
    }
}

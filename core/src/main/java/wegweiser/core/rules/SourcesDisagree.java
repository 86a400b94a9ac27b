package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.End;
import wegweiser.core.model.PinRow;
import wegweiser.core.pinout.SourceComparison;
import wegweiser.core.pinout.Sources;
import wegweiser.core.words.Words;

/** Two sources name different signals at one contact, and none of them was measured. */
final class SourcesDisagree implements Rule {
    @Override
    public String id() {
        return "sources-disagree";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (End end : derived.job().ends()) {
            SourceComparison comparison = SourceComparison.of(end, derived.connector(end.name()));
            List<String> open = comparison.rows().stream()
                    .filter(r -> r.agreement() == SourceComparison.Agreement.SUBSTANCE)
                    .map(SourceComparison.Row::contact).toList();
            Optional<SourceComparison.Relation> relation = open.isEmpty()
                    ? Optional.empty()
                    : comparison.relations().stream().findFirst();
            if (relation.isPresent()) {
                found.add(renumbered(end, open, relation.get()));
            } else {
                open.forEach(contact -> found.add(single(end, end.row(contact).orElseThrow())));
            }
        }
        return found;
    }

    private Finding renumbered(End end, List<String> open, SourceComparison.Relation relation) {
        return new Finding(id(), Severity.ERROR, open.stream().map(end::terminal).toList(),
                Words.say("rule.sources-disagree.numbering", end.name(), relation.words()),
                Words.say("rule.sources-disagree.numbering.remedy", Sources.shown(relation.than())),
                Optional.empty())
                .withFix(
                        new Fix(Words.say("fix.renumber", Sources.shown(relation.source())),
                                job -> job.withEnd(Sources.renumber(
                                        job.end(end.name()).orElseThrow(), relation.source(),
                                        relation.meant()))));
    }

    private Finding single(End end, PinRow row) {
        Finding finding = Finding.of(id(), Severity.ERROR, List.of(end.terminal(row.contact())),
                end.terminal(row.contact()), Words.list(row.sources().stream()
                        .map(s -> Words.say("rule.sources-disagree.says", Sources.shown(s.source()),
                                s.name()))
                        .toList()));
        String first = row.sources().getFirst().source();
        return finding.withFix(new Fix(Words.say("fix.take", Sources.signal(row.sources().getFirst())),
                job -> job.withEnd(Sources.decide(job.end(end.name()).orElseThrow(), row.contact(), first))));
    }
}

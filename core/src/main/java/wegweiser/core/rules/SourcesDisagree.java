package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.model.End;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PinSource;
import wegweiser.core.signals.Signals;
import wegweiser.core.words.Words;

/** Two sources name different signals at one contact, and none of them was measured. */
final class SourcesDisagree implements Rule {
    @Override
    public String id() {
        return "sources-disagree";
    }

    @Override
    public List<Finding> check(Bench bench) {
        List<Finding> found = new ArrayList<>();
        for (End end : bench.job().ends()) {
            for (PinRow row : end.pinout()) {
                List<String> said = row.sources().stream()
                        .filter(s -> !s.name().isBlank())
                        .map(s -> Signals.canonical(s.signal().orElse(s.name())))
                        .distinct()
                        .toList();
                boolean measured = row.sources().stream()
                        .anyMatch(s -> s.source().equals(PinSource.MEASURED));
                if (said.size() > 1 && !measured) {
                    Finding finding = Finding.of(id(), Severity.ERROR, List.of(end.terminal(row.contact())),
                            end.terminal(row.contact()), Words.list(row.sources().stream()
                                    .map(s -> Words.say("rule.sources-disagree.says", s.source(), s.name()))
                                    .toList()));
                    String first = said.getFirst();
                    found.add(
                            finding.withFix(new Fix(Words.say("fix.take", first), job -> job.withEnd(decided(
                                    job.end(end.name()).orElseThrow(), row, first)))));
                }
            }
        }
        return found;
    }

    private static End decided(End end, PinRow row, String signal) {
        List<PinSource> kept = row.sources().stream()
                .filter(s -> Signals.canonical(s.signal().orElse(s.name())).equals(signal))
                .toList();
        return end.withRow(row.withSignal(signal).withSources(kept));
    }
}

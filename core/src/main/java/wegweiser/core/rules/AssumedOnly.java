package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/**
 * A plan on a cable of which an end stays, where nothing shows which conductor comes from a contact of that end, or where
 * something else was measured.
 */
final class AssumedOnly implements Rule {
    @Override
    public String id() {
        return "assumed-only";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        boolean made = derived.job().ends().stream().map(End::name).anyMatch(e -> !derived.job().keeps(e));
        if (derived.job().kept().isEmpty() || !made) {
            return found;
        }
        List<Terminal> assumed = new ArrayList<>();
        for (Link link : derived.job().links()) {
            stays(derived, link).filter(_ -> !ScreenLinks.isScreen(link)).ifPresent(contact -> {
                Optional<String> measured = derived.looseLeads().at(contact);
                if (measured.isEmpty()) {
                    assumed.add(contact);
                } else if (link.conductor().isPresent() && !link.conductor().equals(measured)) {
                    found.add(new Finding(id(), Severity.ERROR, List.of(contact),
                            Words.say("rule.assumed-only.otherwise", contact, measured.get(),
                                    link.conductor().get()),
                            Words.say("rule.assumed-only.otherwise.remedy"),
                            Optional.of(new Fix(Words.say("fix.as-measured"),
                                    job -> exchanged(job, link.conductor().get(), measured.get())))));
                }
            });
        }
        if (!assumed.isEmpty()) {
            found.add(Finding.of(id(), Severity.WARNING, assumed, Words.list(assumed)));
        }
        return found;
    }

    /** The contact that stays, of a link from an end that stays to one that is made. */
    private static Optional<Terminal> stays(Derived derived, Link link) {
        return link.to().filter(t -> derived.job().keeps(t.end()) != derived.job().keeps(link.from().end()))
                .map(t -> derived.job().keeps(t.end()) ? t : link.from());
    }

    /** The job with two conductors exchanged wherever they lie. */
    private static Job exchanged(Job job, String one, String other) {
        return job.withLinks(job.links().stream()
                .map(l -> l.withConductor(
                        l.conductor().map(c -> c.equals(one) ? other : c.equals(other) ? one : c)))
                .toList());
    }
}

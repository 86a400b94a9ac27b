package wegweiser.core.route;

import java.util.List;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Rules;

/**
 * One proposed set of links.
 *
 * @param id stable word, such as {@code full-handshake}
 * @param why what it is good for, one sentence
 * @param links each with its own reason
 * @param findings what the rules say of a job with these links, and what could not be joined at all
 * @param conductors how many conductors it takes
 */
public record Scheme(String id, String title, String why, List<Link> links, List<Finding> findings,
        int conductors) {
    public Scheme {
        links = List.copyOf(links);
        findings = List.copyOf(findings);
    }

    /** The job with this scheme as its plan. */
    public Job applyTo(Job job) {
        return job.withLinks(links);
    }

    /** Whether it joins anything at one end to anything at another; a screen alone does not. */
    public boolean joins() {
        return links.stream().anyMatch(l -> l.to().isPresent() && !l.isWithinOneEnd()
                && !l.isOnScreen());
    }

    /** How many joints hands have to make for it: one at each end of each link. */
    public int joints() {
        return links.stream().mapToInt(l -> l.to().isPresent() ? 2 : 1).sum();
    }

    /** Whether a job's plan is this one, whatever its conductors. */
    public boolean isPlanOf(Job job) {
        return Shape.of(job).equals(Shape.of(applyTo(job)));
    }

    /** The findings that a person is to read; see {@link Rules#spoken}. */
    public List<Finding> spoken() {
        return Rules.spoken(findings);
    }

    public long errors() {
        return spoken().stream().filter(Finding::isError).count();
    }
}

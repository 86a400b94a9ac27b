package wegweiser.core.rules;

import java.util.List;
import wegweiser.core.derived.Derived;

/** Looks for one kind of mistake. */
public interface Rule {
    /** The stable id, written on sheets and in waivers. */
    String id();

    /** What is wrong, if anything. */
    List<Finding> check(Derived derived);
}

package wegweiser.core.rules;

import wegweiser.core.derived.Derived;
import java.util.List;

/** Looks for one kind of mistake. */
public interface Rule {
    /** The stable id, written on sheets and in waivers. */
    String id();

    /** What is wrong, if anything. */
    List<Finding> check(Derived derived);
}

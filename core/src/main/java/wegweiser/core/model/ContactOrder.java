package wegweiser.core.model;

import java.util.Comparator;

/** The order in which people read contact ids: letters, then numbers by value, words last. */
public final class ContactOrder {
    /** Compares digit runs by value, so that 10 comes after 9, and keeps {@code shell} at the end. */
    public static final Comparator<String> PRINTED = ContactOrder::compare;

    private ContactOrder() {}

    private static int compare(String a, String b) {
        boolean shellA = a.equals("shell");
        boolean shellB = b.equals("shell");
        if (shellA != shellB) {
            return shellA ? 1 : -1;
        }
        int i = 0;
        int j = 0;
        while (i < a.length() && j < b.length()) {
            boolean digits = Character.isDigit(a.charAt(i)) && Character.isDigit(b.charAt(j));
            if (!digits) {
                int byLetter = Character.compare(a.charAt(i++), b.charAt(j++));
                if (byLetter != 0) {
                    return byLetter;
                }
                continue;
            }
            int endA = digitsEnd(a, i);
            int endB = digitsEnd(b, j);
            String runA = a.substring(i, endA);
            String runB = b.substring(j, endB);
            int byValue = runA.length() != runB.length()
                    ? Integer.compare(runA.length(), runB.length())
                    : runA.compareTo(runB);
            if (byValue != 0) {
                return byValue;
            }
            i = endA;
            j = endB;
        }
        return Integer.compare(a.length() - i, b.length() - j);
    }

    private static int digitsEnd(String text, int from) {
        int end = from;
        while (end < text.length() && Character.isDigit(text.charAt(end))) {
            end++;
        }
        return end;
    }
}

package brandeon.core.theme;

import java.util.Set;

/** What a copy is called: as its original, told apart from everything beside it. */
public final class CopyName {

    private static final int MOST_LETTERS = 120;

    private CopyName() {}

    /**
     * @param name  of what is copied
     * @param taken by others
     * @return of 120 letters at most; a long name is cut before the word that tells it apart
     */
    public static String of(String name, Set<String> taken) {
        for (int number = 1; ; number++) {
            String end = number == 1 ? ", copy" : ", copy " + number;
            int room = Math.min(name.length(), MOST_LETTERS - end.length());
            if (room < name.length() && Character.isLowSurrogate(name.charAt(room))) {
                room--;
            }
            String copy = name.substring(0, room).stripTrailing() + end;
            if (!taken.contains(copy)) {
                return copy;
            }
        }
    }
}

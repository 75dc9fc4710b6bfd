package brandeon.core.table;

import brandeon.core.colour.Colour;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.core.text.ValueType;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** What the cells of a column are. Any of them may be empty. */
public enum ColumnType {
    /** Words on one line. */
    TEXT("text") {
        @Override
        String read(String typed) {
            return typed;
        }
    },
    /** With decimals after a point; signs between thousands are left out. */
    NUMBER("number") {
        @Override
        String read(String typed) {
            String bare = typed.replaceAll("[\\s\u00A0\u202F'’]", "");
            String plain = THOUSANDS.matcher(bare).matches()
                    ? bare.replace(",", "")
                    : COMMA.matcher(bare).matches() ? bare.replace(',', '.') : bare;
            if (!PLAIN.matcher(plain).matches()) {
                throw new Mistake("“" + shortened(typed) + "” is no number.");
            }
            BigDecimal number = new BigDecimal(plain).stripTrailingZeros();
            if (number.scale() > DECIMALS || number.abs().compareTo(FARTHEST) > 0) {
                throw new Mistake(String.format(
                        Locale.ROOT, "A number lies within a million millions and has at most %d decimals.", DECIMALS));
            }
            return number.toPlainString();
        }

        @Override
        Comparator<String> order() {
            return Comparator.comparing(BigDecimal::new);
        }
    },
    /** A time of the day, a day, or both: as ISO 8601 writes them, with a space between. */
    TIME("time") {
        @Override
        String read(String typed) {
            return time(typed)
                    .orElseThrow(() -> new Mistake("“" + shortened(typed)
                            + "” is no time; write it like 19:30, 2026-12-24 or 2026-12-24 19:30."));
        }
    },
    /** Name of a ready-made picture of the theme. */
    PICTURE("picture") {
        @Override
        String read(String typed) {
            if (typed.length() > LONGEST_NAME) {
                throw new Mistake("The name of a picture has at most " + LONGEST_NAME + " letters.");
            }
            return typed;
        }
    },
    /** As CSS writes it; kept as {@code #rrggbb}. */
    COLOUR("colour") {
        @Override
        String read(String typed) {
            try {
                return Colour.parse(typed).hex();
            } catch (IllegalArgumentException e) {
                throw new Mistake("“" + shortened(typed) + "” is no colour; write it like #e0a030.", e);
            }
        }
    };

    /** Most letters of a cell. */
    public static final int LONGEST = 400;

    private static final int LONGEST_NAME = 80;
    private static final int DECIMALS = 6;
    private static final BigDecimal FARTHEST = BigDecimal.valueOf(1_000_000_000_000L);
    private static final Pattern PLAIN = Pattern.compile("[+-]?\\d{1,20}(\\.\\d{1,20})?");
    private static final Pattern THOUSANDS = Pattern.compile("[+-]?\\d{1,3}(,\\d{3})+(\\.\\d+)?");
    private static final Pattern COMMA = Pattern.compile("[+-]?\\d+,\\d+");
    private static final DateTimeFormatter TYPED_TIME = DateTimeFormatter.ofPattern("H:mm[:ss]", Locale.ROOT);

    private final String words;

    ColumnType(String words) {
        this.words = words;
    }

    /** For people. */
    public String words() {
        return words;
    }

    /** What texts may ask of a cell. */
    public ValueType value() {
        return this == NUMBER ? ValueType.NUMBER : ValueType.TEXT;
    }

    /**
     * A cell as it is kept, whatever way it was typed; empty stays empty.
     *
     * @throws Mistake with a sentence when it is nothing of this type
     */
    public String kept(String typed) {
        String line = Letters.shown(typed).strip();
        if (!Letters.within(line, LONGEST)) {
            throw new Mistake("A cell has at most " + LONGEST + " letters.");
        }
        return line.isEmpty() ? "" : read(line);
    }

    /** @param typed not empty, on one line */
    abstract String read(String typed);

    /** Of what is kept, without what is empty. */
    Comparator<String> order() {
        return String.CASE_INSENSITIVE_ORDER;
    }

    /** The type that all of these cells have, the most particular first; text where they have nothing in common. */
    static ColumnType guessed(Iterable<String> cells) {
        for (ColumnType type : new ColumnType[] {NUMBER, TIME, COLOUR}) {
            if (fits(type, cells)) {
                return type;
            }
        }
        return TEXT;
    }

    private static boolean fits(ColumnType type, Iterable<String> cells) {
        boolean any = false;
        for (String cell : cells) {
            if (!cell.isBlank()) {
                // Names of colours are words of their own.
                if (type == COLOUR && !cell.strip().startsWith("#")) {
                    return false;
                }
                try {
                    type.kept(cell);
                } catch (Mistake e) {
                    return false;
                }
                any = true;
            }
        }
        return any;
    }

    private static Optional<String> time(String typed) {
        try {
            if (typed.length() >= 10 && typed.charAt(4) == '-') {
                LocalDate day = LocalDate.parse(typed.substring(0, 10));
                if (typed.length() == 10) {
                    return Optional.of(day.toString());
                }
                if (typed.charAt(10) == ' ' || typed.charAt(10) == 'T') {
                    LocalTime time = LocalTime.parse(typed.substring(11), TYPED_TIME);
                    return Optional.of(LocalDateTime.of(day, time).toString().replace('T', ' '));
                }
                return Optional.empty();
            }
            return Optional.of(LocalTime.parse(typed, TYPED_TIME).toString());
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    private static String shortened(String text) {
        return Letters.shortened(text, 40);
    }
}

package brandeon.core.sound;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/** Sounds that come along, made of sines and noise by this program; nothing in them was recorded or bought. */
public final class ShippedSounds {

    /** They may be used for anything. */
    public static final String LICENCE = "CC0-1.0";

    public static final String ORIGIN = "Synthesised by Brandeon";

    /** One of them. @param id as rules name it */
    public record Shipped(String id, String title, Supplier<Pcm> made) {}

    private static final Map<String, Shipped> ALL = all();
    private static final Map<String, Pcm> MADE = new ConcurrentHashMap<>();
    private static final Map<String, Loudness> MEASURED = new ConcurrentHashMap<>();

    private ShippedSounds() {}

    private static Map<String, Shipped> all() {
        Map<String, Shipped> all = new LinkedHashMap<>();
        List.of(
                        new Shipped("chime", "Chime", ShippedSounds::chime),
                        new Shipped("bell", "Bell", ShippedSounds::bell),
                        new Shipped("drop", "Water drop", ShippedSounds::drop),
                        new Shipped("pluck", "Pluck", ShippedSounds::pluck),
                        new Shipped("wood", "Wooden bars", ShippedSounds::wood),
                        new Shipped("harp", "Harp", ShippedSounds::harp),
                        new Shipped("glass", "Glass", ShippedSounds::glass),
                        new Shipped("reed", "Reed call", ShippedSounds::reed),
                        new Shipped("rise", "Rise", ShippedSounds::rise),
                        new Shipped("drum", "Drum", ShippedSounds::drum),
                        new Shipped("wings", "Wings", ShippedSounds::wings),
                        new Shipped("horns", "Horns", ShippedSounds::horns))
                .forEach(one -> all.put(one.id(), one));
        return all;
    }

    /** In the order in which people are shown them. */
    public static List<Shipped> list() {
        return List.copyOf(ALL.values());
    }

    public static Optional<Shipped> find(String id) {
        return Optional.ofNullable(ALL.get(id));
    }

    /** @param id of one that there is */
    public static Pcm sound(String id) {
        return MADE.computeIfAbsent(id, known -> ALL.get(known).made().get());
    }

    /** @param id of one that there is */
    public static Loudness loudness(String id) {
        return MEASURED.computeIfAbsent(id, known -> Loudness.of(sound(known)));
    }

    private static Pcm chime() {
        return new Synth(1.6)
                .struck(note(76), 0, 0.5, 0.5)
                .struck(note(83), 0.13, 0.6, 0.45)
                .sound();
    }

    /** Partials of a cast bell: hum, prime, minor third, fifth, octave and above (common practice, no source). */
    private static Pcm bell() {
        Synth synth = new Synth(2.4);
        double prime = note(69);
        double[] partials = {0.5, 1, 1.2, 1.5, 2, 2.67, 4.1};
        double[] levels = {0.3, 0.5, 0.28, 0.16, 0.3, 0.14, 0.07};
        for (int i = 0; i < partials.length; i++) {
            synth.sine(prime * partials[i], 0, levels[i], 0.9 / (0.6 + partials[i] * 0.5));
        }
        return synth.sound();
    }

    private static Pcm drop() {
        return new Synth(0.7)
                .glide(420, 1500, 0, 0.11, 0.7)
                .glide(640, 2100, 0.17, 0.08, 0.4)
                .sound();
    }

    private static Pcm pluck() {
        return new Synth(1.2)
                .plucked(note(62), 0, 0.7)
                .plucked(note(69), 0.09, 0.55)
                .sound();
    }

    private static Pcm wood() {
        Synth synth = new Synth(1.1);
        int[] notes = {67, 71, 74, 79};
        for (int i = 0; i < notes.length; i++) {
            // Bars are tuned to a second partial of four times the first (common practice, no source).
            synth.sine(note(notes[i]), 0.09 * i, 0.6, 0.13).sine(note(notes[i]) * 4, 0.09 * i, 0.14, 0.03);
        }
        return synth.sound();
    }

    private static Pcm harp() {
        Synth synth = new Synth(2);
        int[] notes = {60, 64, 67, 72, 76, 79};
        for (int i = 0; i < notes.length; i++) {
            synth.plucked(note(notes[i]), 0.075 * i, 0.42);
        }
        return synth.sound();
    }

    private static Pcm glass() {
        return new Synth(1.5)
                .sine(2093, 0, 0.4, 0.32)
                .sine(2093 * 2.32, 0, 0.2, 0.16)
                .sine(2093 * 4.25, 0, 0.08, 0.07)
                .sine(2637, 0.16, 0.34, 0.34)
                .sine(2637 * 2.32, 0.16, 0.15, 0.15)
                .sound();
    }

    private static Pcm reed() {
        return new Synth(1.1)
                .blown(note(69), 0, 0.28, 0.5)
                .blown(note(74), 0.3, 0.55, 0.5)
                .sound();
    }

    private static Pcm rise() {
        return new Synth(1.4)
                .swell(note(57), note(69), 0.9, 0.5)
                .struck(note(81), 0.9, 0.4, 0.4)
                .sound();
    }

    private static Pcm drum() {
        return new Synth(0.9)
                .glide(150, 62, 0, 0.26, 0.9)
                .noise(0, 0.35, 0.02, 0.5)
                .glide(150, 62, 0.22, 0.34, 0.9)
                .noise(0.22, 0.35, 0.02, 0.5)
                .sound();
    }

    private static Pcm wings() {
        Synth synth = new Synth(1.3);
        for (int i = 0; i < 7; i++) {
            synth.noise(0.11 * i, 0.5 * Math.exp(-0.25 * i), 0.045, 0.12);
        }
        return synth.struck(note(79), 0.72, 0.3, 0.3).sound();
    }

    private static Pcm horns() {
        Synth synth = new Synth(1.9);
        synth.blown(note(60), 0, 0.2, 0.3).blown(note(64), 0, 0.2, 0.3);
        synth.blown(note(64), 0.24, 0.2, 0.3).blown(note(67), 0.24, 0.2, 0.3);
        return synth.blown(note(67), 0.48, 1, 0.32)
                .blown(note(72), 0.48, 1, 0.32)
                .sound();
    }

    /** Hertz of a note by its MIDI number, with 440 for the A above middle C. */
    private static double note(int number) {
        return 440 * Math.pow(2, (number - 69) / 12.0);
    }
}

package brandeon.server.sound;

import brandeon.core.art.ContentName;
import brandeon.core.loose.Found;
import brandeon.core.problem.Mistake;
import brandeon.core.sound.Loudness;
import brandeon.core.sound.Pcm;
import brandeon.core.sound.ShippedSounds;
import brandeon.core.sound.Wav;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Provenance;
import brandeon.core.theme.Sound;
import brandeon.core.theme.SoundEdit;
import brandeon.core.theme.Sounds;
import brandeon.server.access.Keys;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.ffmpeg.Ffmpeg;
import brandeon.server.file.Files;
import brandeon.server.problem.Refused;
import brandeon.server.theme.Themes;
import brandeon.server.theme.Vetting;
import brandeon.server.work.Hands;
import brandeon.server.work.Workshop;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;

/**
 * Sounds as they are kept: decoded from what was sent and written anew as WAV, so that no byte is served as somebody
 * outside wrote it, and as loud as they were; how loud they are played is a figure beside them.
 */
@Service
public class SoundFiles implements Vetting {

    public static final int MOST_BYTES = 10 << 20;

    /** Hexadecimal digits of a content's name that stand in an address. */
    private static final int NAME = 16;

    private static final String WANTED = "This is no sound in WAV, Ogg, MP3 or FLAC.";

    private final Themes themes;
    private final Files files;
    private final Keys keys;
    private final Ffmpeg ffmpeg;
    private final Hands hands;
    private final Workshop workshop;
    private final Map<String, Shipped> shipped = new ConcurrentHashMap<>();

    /** @param name of its content; every change of a show asks for the addresses of its sounds */
    private record Shipped(byte[] wav, String name) {

        private static Shipped of(String id) {
            byte[] wav = Wav.write(ShippedSounds.sound(id));
            return new Shipped(wav, ContentName.full(wav).substring(0, NAME));
        }
    }

    SoundFiles(Themes themes, Files files, Keys keys, Ffmpeg ffmpeg, Hands hands, Workshop workshop) {
        this.themes = themes;
        this.files = files;
        this.keys = keys;
        this.ffmpeg = ffmpeg;
        this.hands = hands;
        this.workshop = workshop;
    }

    /** A sound that was looked at but is not kept yet. */
    public record Brought(byte[] content, int millis, Loudness loudness) {

        private static Brought of(Pcm sound) {
            return new Brought(Wav.write(sound), sound.millis(), Loudness.of(sound));
        }
    }

    /**
     * Adds a sound to a theme.
     *
     * @param name as people will know it
     * @throws Mistake when it is no sound, damaged, too long or too large
     */
    public Sound add(Member member, UUID theme, String name, byte[] sent) {
        member.requires(Role.DESIGNER);
        themes.get(member, theme);
        Brought brought = brought(sent);
        String id = "sound-" + UUID.randomUUID().toString().substring(0, 8);
        // Kept in the transaction of the edit, so that nothing of a refused one stays.
        Themes.Changed changed = themes.edit(
                member,
                theme,
                before -> new SoundEdit.AddSound(
                        before.sounds().own().size(),
                        keep(
                                member,
                                new Sound(id, name.strip(), "", 0, brought.loudness(), Provenance.UNKNOWN),
                                brought)),
                "");
        return changed.after().theme().sounds().own(id).orElseThrow();
    }

    /** Keeps the content of a sound; what is said of it then is what was found, whatever its theme says. */
    public Sound keep(Member member, Sound sound, Brought brought) {
        return new Sound(
                sound.id(),
                sound.name(),
                files.keep(member.workspace(), Wav.TYPE, brought.content(), Optional.empty()),
                brought.millis(),
                brought.loudness(),
                sound.provenance());
    }

    /** Whether bytes begin as a sound does. */
    public static boolean soundsLike(byte[] sent) {
        return demuxer(sent).isPresent();
    }

    /**
     * Keeps a sound of a pack and says what was found in it.
     *
     * @throws Mistake when it is damaged, too long or too large
     */
    public Found.Heard found(Member member, byte[] sent) {
        Brought brought = brought(sent);
        return new Found.Heard(
                files.keep(member.workspace(), Wav.TYPE, brought.content(), Optional.empty()),
                brought.millis(),
                brought.loudness());
    }

    /** @throws Mistake when it is no sound, damaged, too long or too large */
    public Brought brought(byte[] sent) {
        if (sent.length > MOST_BYTES) {
            throw new Mistake("A sound has at most " + (MOST_BYTES >> 20) + " MB.");
        }
        return hands.work(
                Hands.For.FILES, () -> workshop.on(Pcm.LONGEST * Pcm.MOST_RATE, () -> Brought.of(within(read(sent)))));
    }

    private Pcm read(byte[] sent) {
        Optional<Pcm> plain = Wav.read(sent);
        if (plain.isPresent()) {
            return plain.get();
        }
        String demuxer = demuxer(sent).orElseThrow(() -> new Mistake(WANTED));
        if (!ffmpeg.found()) {
            throw new Mistake(
                    "Only plain WAV can be read here, since the program ffmpeg is not installed on this server. Save the sound as WAV, or install ffmpeg.");
        }
        try {
            return Wav.read(ffmpeg.wav(sent, demuxer, Pcm.LONGEST + 1)).orElseThrow(() -> new Mistake(WANTED));
        } catch (IOException e) {
            throw new Mistake("This sound is damaged; save it again and try once more.", e);
        }
    }

    /** By how the bytes begin (RFC 3533, RFC 9639, ID3v2 and the sync word of MPEG audio), as ffmpeg calls it. */
    private static Optional<String> demuxer(byte[] sent) {
        if (Wav.is(sent)) {
            return Optional.of("wav");
        }
        if (begins(sent, "OggS")) {
            return Optional.of("ogg");
        }
        if (begins(sent, "fLaC")) {
            return Optional.of("flac");
        }
        boolean frame = sent.length > 1 && (sent[0] & 0xff) == 0xff && (sent[1] & 0xe0) == 0xe0;
        return frame || begins(sent, "ID3") ? Optional.of("mp3") : Optional.empty();
    }

    private static boolean begins(byte[] sent, String how) {
        byte[] letters = how.getBytes(StandardCharsets.US_ASCII);
        return sent.length > letters.length && Arrays.equals(sent, 0, letters.length, letters, 0, letters.length);
    }

    /** Packed sounds may go beyond full scale; nothing is cut off, they come back as a whole. */
    private static Pcm within(Pcm sound) {
        double highest = sound.highest();
        return highest > 1 ? sound.amplified(1 / highest) : sound;
    }

    /** Where a theme's sound is found by whoever plays it; empty when there is no such sound. */
    public Optional<String> address(UUID workspace, Sounds sounds, String id) {
        return sounds.own(id)
                .map(own -> address(workspace, own.file()))
                .or(() -> ShippedSounds.find(id)
                        .map(one -> "/sounds/shipped/" + one.id() + "/"
                                + kept(one.id()).name()));
    }

    /** Where a kept sound is found by whoever plays it. */
    public String address(UUID workspace, String file) {
        return "/sounds/" + workspace + "/" + file + "/" + keys.proof(text(workspace, file));
    }

    /** A sound of a workspace, for whoever has the address that this server gave. */
    Optional<byte[]> content(UUID workspace, String file, String proof) {
        return keys.isProof(proof, text(workspace, file)) ? content(workspace, file) : Optional.empty();
    }

    public Optional<byte[]> content(UUID workspace, String file) {
        return files.find(workspace, file)
                .filter(kept -> kept.type().equals(Wav.TYPE))
                .map(Files.Kept::content);
    }

    /** @param name of its content, so that an address never means another sound later */
    Optional<byte[]> shipped(String id, String name) {
        return ShippedSounds.find(id)
                .map(_ -> kept(id))
                .filter(kept -> kept.name().equals(name))
                .map(Shipped::wav);
    }

    private Shipped kept(String id) {
        return shipped.computeIfAbsent(id, Shipped::of);
    }

    private static String text(UUID workspace, String file) {
        return "sound:" + workspace + ":" + file;
    }

    /**
     * What an edit says of a sound is taken from the sound itself.
     *
     * @throws Refused when it names a file that this workspace has not taken in
     */
    @Override
    public Edit vetted(Member member, Edit edit) {
        if (edit instanceof SoundEdit.AddSound(int index, Sound sound)) {
            Brought kept = content(member.workspace(), sound.file())
                    .map(this::brought)
                    .orElseThrow(() ->
                            new Refused("The file of this sound is not kept in this workspace; add the sound itself."));
            return new SoundEdit.AddSound(
                    index,
                    new Sound(
                            sound.id(),
                            sound.name(),
                            sound.file(),
                            kept.millis(),
                            kept.loudness(),
                            sound.provenance()));
        }
        return edit;
    }
}

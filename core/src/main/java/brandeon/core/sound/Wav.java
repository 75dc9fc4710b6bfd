package brandeon.core.sound;

import brandeon.core.problem.Mistake;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import java.util.Optional;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;

/** Sounds as WAV: read in any plain form, written with 16 bits in two channels. */
public final class Wav {

    public static final String TYPE = "audio/wav";

    private static final double FULL = 32_768;

    private Wav() {}

    /** Whether bytes begin as a WAV file does. */
    public static boolean is(byte[] bytes) {
        return bytes.length >= 12
                && Arrays.equals(bytes, 0, 4, new byte[] {'R', 'I', 'F', 'F'}, 0, 4)
                && Arrays.equals(bytes, 8, 12, new byte[] {'W', 'A', 'V', 'E'}, 0, 4);
    }

    /**
     * @return empty when it is none, or packed in a way that is not plain
     * @throws Mistake when what is in it may not be kept
     */
    public static Optional<Pcm> read(byte[] bytes) {
        if (!is(bytes)) {
            return Optional.empty();
        }
        try (AudioInputStream in = AudioSystem.getAudioInputStream(new ByteArrayInputStream(bytes))) {
            AudioFormat format = in.getFormat();
            Optional<Sample> sample = Sample.of(format);
            if (sample.isEmpty()) {
                return Optional.empty();
            }
            if (format.getChannels() > 2) {
                throw new Mistake(
                        "This sound has " + format.getChannels() + " channels; make it stereo and try again.");
            }
            int rate = Math.round(format.getSampleRate());
            int most = (Pcm.LONGEST * Math.min(rate, Pcm.MOST_RATE) + 1) * format.getFrameSize();
            byte[] frames = in.readNBytes(Math.max(0, most));
            return Optional.of(samples(frames, format, sample.get(), rate).keepable());
        } catch (UnsupportedAudioFileException e) {
            return Optional.empty();
        } catch (IOException e) {
            throw new Mistake("This file ends in the middle; send it again.", e);
        }
    }

    private static Pcm samples(byte[] bytes, AudioFormat format, Sample sample, int rate) {
        int frames = bytes.length / format.getFrameSize();
        ByteBuffer buffer =
                ByteBuffer.wrap(bytes).order(format.isBigEndian() ? ByteOrder.BIG_ENDIAN : ByteOrder.LITTLE_ENDIAN);
        int channels = format.getChannels();
        int size = format.getFrameSize() / channels;
        float[] left = new float[frames];
        float[] right = new float[frames];
        for (int i = 0; i < frames; i++) {
            left[i] = sample.at(buffer, i * format.getFrameSize());
            right[i] = channels == 1 ? left[i] : sample.at(buffer, i * format.getFrameSize() + size);
        }
        return new Pcm(left, right, rate);
    }

    /** How one sample is written. */
    private interface Sample {

        float at(ByteBuffer bytes, int offset);

        static Optional<Sample> of(AudioFormat format) {
            int bits = format.getSampleSizeInBits();
            if (format.getEncoding().equals(AudioFormat.Encoding.PCM_UNSIGNED) && bits == 8) {
                return Optional.of((bytes, at) -> ((bytes.get(at) & 0xff) - 128) / 128f);
            }
            if (format.getEncoding().equals(AudioFormat.Encoding.PCM_FLOAT) && bits == 32) {
                return Optional.of((bytes, at) -> finite(bytes.getFloat(at)));
            }
            if (format.getEncoding().equals(AudioFormat.Encoding.PCM_SIGNED)) {
                return switch (bits) {
                    case 16 -> Optional.of((bytes, at) -> (float) (bytes.getShort(at) / FULL));
                    case 24 ->
                        Optional.of((bytes, at) -> (float) (((bytes.get(at + 2) << 16)
                                        | ((bytes.get(at + 1) & 0xff) << 8)
                                        | (bytes.get(at) & 0xff))
                                / (FULL * 256)));
                    case 32 -> Optional.of((bytes, at) -> (float) (bytes.getInt(at) / (FULL * 65_536)));
                    default -> Optional.empty();
                };
            }
            return Optional.empty();
        }

        private static float finite(float value) {
            return Float.isFinite(value) ? Math.clamp(value, -8, 8) : 0;
        }
    }

    /** What is beyond full scale is cut off. */
    public static byte[] write(Pcm sound) {
        AudioFormat format = new AudioFormat(sound.rate(), 16, 2, true, false);
        ByteBuffer frames =
                ByteBuffer.allocate(sound.left().length * format.getFrameSize()).order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < sound.left().length; i++) {
            frames.putShort(whole(sound.left()[i])).putShort(whole(sound.right()[i]));
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            AudioSystem.write(
                    new AudioInputStream(new ByteArrayInputStream(frames.array()), format, sound.left().length),
                    AudioFileFormat.Type.WAVE,
                    out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static short whole(float sample) {
        return (short) Math.clamp(Math.round(sample * FULL), Short.MIN_VALUE, Short.MAX_VALUE);
    }
}

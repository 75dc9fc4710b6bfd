package brandeon.server.ffmpeg;

import brandeon.core.canvas.Size;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * The program ffmpeg, which encodes films and decodes sounds; looked for on the path whenever it is needed, so it may be
 * installed later.
 */
@Component
public class Ffmpeg {

    private static final String PROGRAM = "ffmpeg";
    private static final int SAID = 600;
    private static final int PATIENCE_SECONDS = 20;

    public boolean found() {
        return Stream.of(System.getenv().getOrDefault("PATH", "").split(":"))
                .anyMatch(folder -> Files.isExecutable(Path.of(folder, PROGRAM)));
    }

    /**
     * WebM with VP9 and an alpha plane. A side of odd length loses its last row or column, since colour is stored for
     * pairs.
     */
    public Encoder webm(Path file, Size size, int framesPerSecond) throws IOException {
        Path said = Files.createTempFile("brandeon-ffmpeg", ".log");
        // Live feeds and people come first.
        Process process = new ProcessBuilder(List.of(
                        "nice",
                        "-n",
                        "10",
                        PROGRAM,
                        "-hide_banner",
                        "-loglevel",
                        "error",
                        "-y",
                        "-f",
                        "rawvideo",
                        "-pixel_format",
                        "rgba",
                        "-video_size",
                        size.width() + "x" + size.height(),
                        "-framerate",
                        String.valueOf(framesPerSecond),
                        "-i",
                        "-",
                        "-an",
                        "-vf",
                        "crop=trunc(iw/2)*2:trunc(ih/2)*2",
                        "-c:v",
                        "libvpx-vp9",
                        "-pix_fmt",
                        "yuva420p",
                        "-auto-alt-ref",
                        "0",
                        "-b:v",
                        "0",
                        "-crf",
                        "22",
                        "-deadline",
                        "realtime",
                        "-cpu-used",
                        "6",
                        "-row-mt",
                        "1",
                        file.toString()))
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start();
        return new Encoder(process, said, size);
    }

    /**
     * A sound as WAV with 32 bits in floating point; its rate and channels stay.
     *
     * @param demuxer as ffmpeg calls the format, so that nothing else is looked for in the bytes
     * @param seconds after which it is cut
     * @throws IOException when it cannot be read, with what ffmpeg says
     */
    public byte[] wav(byte[] sound, String demuxer, int seconds) throws IOException {
        Path said = Files.createTempFile("brandeon-ffmpeg", ".log");
        Process process = new ProcessBuilder(List.of(
                        "nice",
                        "-n",
                        "10",
                        PROGRAM,
                        "-hide_banner",
                        "-loglevel",
                        "error",
                        "-f",
                        demuxer,
                        "-i",
                        "pipe:0",
                        "-vn",
                        "-sn",
                        "-dn",
                        "-t",
                        String.valueOf(seconds),
                        "-c:a",
                        "pcm_f32le",
                        "-f",
                        "wav",
                        "pipe:1"))
                .redirectError(said.toFile())
                .start();
        Thread writer = Thread.ofVirtual().start(() -> {
            try (OutputStream in = process.getOutputStream()) {
                in.write(sound);
            } catch (IOException e) {
                // It has read enough, or says what is wrong.
            }
        });
        Thread.ofVirtual().start(() -> {
            try {
                if (!process.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                    process.destroyForcibly();
                }
            } catch (InterruptedException e) {
                process.destroyForcibly();
            }
        });
        try {
            byte[] decoded = process.getInputStream().readAllBytes();
            writer.join();
            if (process.waitFor() != 0) {
                throw new IOException(Files.readString(said).strip());
            }
            return decoded;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("interrupted", e);
        } finally {
            process.destroyForcibly();
            Files.deleteIfExists(said);
        }
    }

    /** Takes frames one after another. */
    public static final class Encoder implements AutoCloseable {

        private final Process process;
        private final Path said;
        private final OutputStream in;
        private final byte[] bytes;

        private Encoder(Process process, Path said, Size size) {
            this.process = process;
            this.said = said;
            this.in = new BufferedOutputStream(process.getOutputStream(), 1 << 16);
            this.bytes = new byte[size.width() * size.height() * 4];
        }

        /** @param image premultiplied, of the size that was announced; the film holds straight colour */
        public void frame(BufferedImage image) throws IOException {
            int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
            for (int i = 0; i < pixels.length; i++) {
                int alpha = pixels[i] >>> 24;
                bytes[i * 4] = straight(pixels[i] >> 16 & 0xff, alpha);
                bytes[i * 4 + 1] = straight(pixels[i] >> 8 & 0xff, alpha);
                bytes[i * 4 + 2] = straight(pixels[i] & 0xff, alpha);
                bytes[i * 4 + 3] = (byte) alpha;
            }
            try {
                in.write(bytes);
            } catch (IOException e) {
                throw new IOException("ffmpeg stopped: " + said(), e);
            }
        }

        private static byte straight(int part, int alpha) {
            return (byte) (alpha == 0 ? 0 : Math.min(255, (part * 255 + alpha / 2) / alpha));
        }

        /** Waits until the file is whole. */
        public void end() throws IOException {
            in.close();
            try {
                if (process.waitFor() != 0) {
                    throw new IOException("ffmpeg failed: " + said());
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IOException("interrupted", e);
            }
        }

        private String said() throws IOException {
            String text = Files.readString(said).strip();
            return text.substring(0, Math.min(SAID, text.length()));
        }

        @Override
        public void close() throws IOException {
            process.destroyForcibly();
            Files.deleteIfExists(said);
        }
    }
}

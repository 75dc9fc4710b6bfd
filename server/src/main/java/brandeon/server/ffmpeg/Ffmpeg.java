package brandeon.server.ffmpeg;

import brandeon.core.canvas.Size;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.stream.Collectors;
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
    private static final int FILM_PATIENCE_SECONDS = 180;

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
        Process process = new ProcessBuilder(command(
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
        return run(
                command(
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
                        "pipe:1"),
                sound,
                PATIENCE_SECONDS,
                InputStream::readAllBytes);
    }

    /**
     * What a film's header says.
     *
     * @param codec   as ffmpeg calls it
     * @param seconds 0 where it is not said
     * @param alpha   whether it has an alpha plane beside its colours
     */
    public record Film(String codec, int width, int height, double frameRate, double seconds, boolean alpha) {}

    /**
     * Reads the header of a film.
     *
     * @param demuxer as ffmpeg calls the format, so that nothing else is looked for in the bytes
     * @throws IOException when there is no picture in it
     */
    public Film film(Path file, String demuxer) throws IOException {
        String said = new String(
                run(
                        List.of(
                                "ffprobe",
                                "-hide_banner",
                                "-loglevel",
                                "error",
                                "-protocol_whitelist",
                                "file",
                                "-f",
                                demuxer,
                                "-select_streams",
                                "v:0",
                                "-show_entries",
                                "stream=codec_name,width,height,avg_frame_rate,pix_fmt:stream_tags=alpha_mode:format=duration",
                                "-of",
                                "default=noprint_wrappers=1",
                                file.toString()),
                        new byte[0],
                        PATIENCE_SECONDS,
                        InputStream::readAllBytes),
                StandardCharsets.UTF_8);
        Map<String, String> values = said.lines()
                .filter(line -> line.contains("="))
                .collect(Collectors.toMap(
                        line -> line.substring(0, line.indexOf('=')).toLowerCase(Locale.ROOT),
                        line -> line.substring(line.indexOf('=') + 1),
                        (first, _) -> first));
        if (!values.containsKey("width")) {
            throw new IOException("there is no picture in it");
        }
        try {
            String[] rate = values.getOrDefault("avg_frame_rate", "0/0").split("/");
            double below = Double.parseDouble(rate[1]);
            String pixels = values.getOrDefault("pix_fmt", "");
            return new Film(
                    values.get("codec_name"),
                    Integer.parseInt(values.get("width")),
                    Integer.parseInt(values.get("height")),
                    below == 0 ? 0 : Double.parseDouble(rate[0]) / below,
                    number(values.getOrDefault("duration", "")),
                    "1".equals(values.get("tag:alpha_mode"))
                            || pixels.matches("(yuva|gbrap|rgba|bgra|argb|abgr|ya).*"));
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException e) {
            throw new IOException("its header makes no sense", e);
        }
    }

    private static double number(String text) {
        return text.matches("\\d+(\\.\\d+)?") ? Double.parseDouble(text) : 0;
    }

    /**
     * Decodes a film into frames, and writes it as WebP that moves.
     *
     * @param size    of the frames
     * @param rate    frames a second
     * @param seconds after which it is cut
     * @param quality of the colours, 0 to 100; how much shows through is kept exactly
     * @param frames  takes each in its order, as red, green, blue and alpha, not premultiplied
     * @throws IOException when it cannot be read, with what ffmpeg says
     */
    public void webp(
            Path from,
            String demuxer,
            Film film,
            Path to,
            Size size,
            double rate,
            double seconds,
            int quality,
            Consumer<byte[]> frames)
            throws IOException {
        List<String> command = new ArrayList<>(command("-y", "-protocol_whitelist", "file,pipe", "-f", demuxer));
        if (film.alpha() && film.codec().matches("vp[89]")) {
            // The decoder that is taken by itself leaves the alpha plane out.
            command.addAll(List.of("-c:v", film.codec().equals("vp8") ? "libvpx" : "libvpx-vp9"));
        }
        command.addAll(List.of(
                "-t",
                String.format(Locale.ROOT, "%.3f", seconds),
                "-i",
                from.toString(),
                "-filter_complex",
                String.format(
                        Locale.ROOT,
                        "[0:v:0]fps=%.3f,scale=%d:%d,format=rgba,split=2[seen][kept]",
                        rate,
                        size.width(),
                        size.height()),
                "-map",
                "[seen]",
                "-f",
                "rawvideo",
                "pipe:1",
                "-map",
                "[kept]",
                "-c:v",
                "libwebp_anim",
                "-pix_fmt",
                film.alpha() ? "yuva420p" : "yuv420p",
                "-quality",
                String.valueOf(quality),
                "-compression_level",
                "1",
                "-loop",
                "0",
                "-f",
                "webp",
                to.toString()));
        byte[] frame = new byte[size.width() * size.height() * 4];
        run(command, new byte[0], FILM_PATIENCE_SECONDS, in -> {
            while (in.readNBytes(frame, 0, frame.length) == frame.length) {
                frames.accept(frame);
            }
            return null;
        });
    }

    /** Live feeds and people come first. */
    private static List<String> command(String... arguments) {
        return Stream.concat(
                        Stream.of("nice", "-n", "10", PROGRAM, "-hide_banner", "-loglevel", "error"),
                        Stream.of(arguments))
                .toList();
    }

    private interface Reading<T> {
        T read(InputStream in) throws IOException;
    }

    /**
     * Runs a program, gives it bytes and reads what it writes.
     *
     * @param seconds after which it is ended
     * @throws IOException when it fails, with what it says
     */
    private static <T> T run(List<String> command, byte[] given, int seconds, Reading<T> reading) throws IOException {
        Path said = Files.createTempFile("brandeon-ffmpeg", ".log");
        Process process =
                new ProcessBuilder(command).redirectError(said.toFile()).start();
        Thread writer = Thread.ofVirtual().start(() -> {
            try (OutputStream in = process.getOutputStream()) {
                in.write(given);
            } catch (IOException e) {
                // It has read enough, or says what is wrong.
            }
        });
        Thread.ofVirtual().start(() -> {
            try {
                if (!process.waitFor(seconds, TimeUnit.SECONDS)) {
                    process.destroyForcibly();
                }
            } catch (InterruptedException e) {
                process.destroyForcibly();
            }
        });
        try {
            T read = reading.read(process.getInputStream());
            writer.join();
            if (process.waitFor() != 0) {
                throw new IOException(Files.readString(said).strip());
            }
            return read;
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

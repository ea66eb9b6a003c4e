package brachion.server.photo;

import static brachion.server.Wire.delete;
import static brachion.server.Wire.post;
import static brachion.server.Wire.put;
import static brachion.server.Wire.read;
import static brachion.server.Wire.refusedFields;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brachion.server.ServerTest;
import brachion.server.Wire;
import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Arrays;
import java.util.Base64;
import java.util.HexFormat;
import java.util.stream.IntStream;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;

/** Photographs: what is taken in, what is given out, and what is measured on them. */
@ServerTest
class PhotoApiTest {

    private static final String SPOTS = "[{\"xPx\": %s, \"yPx\": %s}, {\"xPx\": %s, \"yPx\": %s}]";

    @Autowired
    private MockMvcTester mvc;

    private long trial() {
        return read(post(mvc, "/api/trials", Wire.cleanTrial()), "$.id", Long.class);
    }

    /** Left half red, right half blue. */
    private static byte[] picture(String format, int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D drawn = image.createGraphics();
        drawn.setColor(Color.RED);
        drawn.fillRect(0, 0, width / 2, height);
        drawn.setColor(Color.BLUE);
        drawn.fillRect(width / 2, 0, width - width / 2, height);
        drawn.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, format, out);
        } catch (IOException inMemory) {
            throw new AssertionError(inMemory);
        }
        return out.toByteArray();
    }

    /** With what a telephone writes in front of the pixels: turned by a quarter, and where it was (Exif 2.32, TIFF 6.0). */
    private static byte[] withPosition(byte[] jpeg) {
        byte[] tiff = hex("4d4d002a00000008" + "0002"
                + "0112000300000001" + "00060000"
                + "8825000400000001" + "00000026" + "00000000"
                + "0002"
                + "0001000200000002" + "4e000000"
                + "0002000500000003" + "00000044" + "00000000"
                + "0000003000000001" + "0000000c00000001" + "0000002200000001");
        byte[] head = "Exif\0\0".getBytes(StandardCharsets.ISO_8859_1);
        int length = 2 + head.length + tiff.length;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        out.writeBytes(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) (length >> 8), (byte) length});
        out.writeBytes(head);
        out.writeBytes(tiff);
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    private static byte[] hex(String digits) {
        return HexFormat.of().parseHex(digits);
    }

    private MvcTestResult send(String of, String type, byte[] photo) {
        return mvc.post().uri("/api/photos?" + of).with(SecurityMockMvcRequestPostProcessors.csrf()).contentType(MediaType.parseMediaType(type)).content(photo).exchange();
    }

    private byte[] bytes(MvcTestResult answer) {
        return answer.getResponse().getContentAsByteArray();
    }

    private static BufferedImage image(byte[] jpeg) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(jpeg));
    }

    private static boolean reddish(int rgb) {
        return new Color(rgb).getRed() > 200 && new Color(rgb).getBlue() < 60;
    }

    /** Read by an independent library: where it was taken is in what is sent, and gone from what is given out; it stands upright. */
    @Test
    void where_it_was_taken_is_left_behind() throws Exception {
        byte[] sent = withPosition(picture("jpg", 640, 480));
        Metadata before = ImageMetadataReader.readMetadata(new ByteArrayInputStream(sent));
        assertThat(before.getFirstDirectoryOfType(GpsDirectory.class)).isNotNull();
        assertThat(before.getFirstDirectoryOfType(ExifIFD0Directory.class).getInt(ExifIFD0Directory.TAG_ORIENTATION)).isEqualTo(6);
        long id = read(send("trial=" + trial(), "image/jpeg", sent), "$.id", Long.class);
        for (String size : new String[] {"image", "small"}) {
            MvcTestResult given = mvc.get().uri("/api/photos/" + id + "/" + size).exchange();
            assertThat(given).hasStatusOk().hasContentType(MediaType.IMAGE_JPEG);
            assertThat(given).containsHeader("X-Content-Type-Options");
            Metadata after = ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes(given)));
            assertThat(after.getDirectoriesOfType(GpsDirectory.class)).isEmpty();
            assertThat(after.getDirectoriesOfType(ExifIFD0Directory.class)).isEmpty();
            assertThat(new String(bytes(given), StandardCharsets.ISO_8859_1)).doesNotContain("Exif");
        }
        String tag = mvc.get().uri("/api/photos/" + id + "/image").exchange().getResponse().getHeader("ETag");
        assertThat(mvc.get().uri("/api/photos/" + id + "/image").header("If-None-Match", tag).exchange()).hasStatus(HttpStatus.NOT_MODIFIED);
        assertThat(mvc.get().uri("/api/photos/" + id + "/small").header("If-None-Match", tag).exchange()).hasStatusOk();
        BufferedImage whole = image(bytes(mvc.get().uri("/api/photos/" + id + "/image").exchange()));
        assertThat(whole.getWidth()).isEqualTo(480);
        assertThat(whole.getHeight()).isEqualTo(640);
        // turned by a quarter to the right, what was left is above
        assertThat(reddish(whole.getRGB(240, 100))).isTrue();
        assertThat(reddish(whole.getRGB(240, 540))).isFalse();
    }

    /** An image with a page behind it, or one that calls itself an image, is never given out as it came. */
    @Test
    void nothing_hidden_behind_an_image_comes_out_again() {
        String script = "<html><script>alert(1)</script></html>";
        byte[] png = picture("png", 64, 64);
        byte[] both = Arrays.copyOf(png, png.length + script.length());
        System.arraycopy(script.getBytes(StandardCharsets.US_ASCII), 0, both, png.length, script.length());
        String of = "trial=" + trial();
        long id = read(send(of, "image/png", both), "$.id", Long.class);
        MvcTestResult given = mvc.get().uri("/api/photos/" + id + "/image").exchange();
        assertThat(given).hasContentType(MediaType.IMAGE_JPEG);
        assertThat(bytes(given)).startsWith(0xFF, 0xD8);
        assertThat(new String(bytes(given), StandardCharsets.ISO_8859_1)).doesNotContain("script");
        for (String none : new String[] {script, "<svg xmlns='http://www.w3.org/2000/svg'/>", "GIF89a", "", "BM"}) {
            MvcTestResult refused = send(of, "image/png", none.getBytes(StandardCharsets.US_ASCII));
            assertThat(refused).hasStatus(HttpStatus.BAD_REQUEST);
            assertThat(refusedFields(refused)).containsExactly("photo");
        }
        assertThat(send(of, "image/svg+xml", script.getBytes(StandardCharsets.US_ASCII))).hasStatus(HttpStatus.UNSUPPORTED_MEDIA_TYPE);
        assertThat(send(of, "image/gif", picture("gif", 40, 40))).hasStatus(HttpStatus.UNSUPPORTED_MEDIA_TYPE);
        assertThat(refusedFields(send(of, "image/jpeg", picture("gif", 40, 40)))).containsExactly("photo");
    }

    @Test
    void what_is_damaged_or_too_large_is_refused_with_a_sentence() {
        String of = "trial=" + trial();
        byte[] png = picture("png", 400, 300);
        byte[] jpeg = picture("jpg", 400, 300);
        assertThat(send(of, "image/jpeg", Arrays.copyOf(jpeg, 300))).hasStatus(HttpStatus.BAD_REQUEST).bodyText().contains("damaged");
        assertThat(send(of, "image/png", Arrays.copyOf(png, png.length / 2))).hasStatus(HttpStatus.BAD_REQUEST).bodyText().contains("damaged");
        // the header of a PNG of a hundred thousand by a hundred thousand (PNG specification, 11.2.1), with a right checksum
        byte[] header = hex("49484452" + "000186a0" + "000186a0" + "0802000000");
        CRC32 crc = new CRC32();
        crc.update(header);
        byte[] bomb = hex("89504e470d0a1a0a" + "0000000d" + HexFormat.of().formatHex(header) + "%08x".formatted(crc.getValue()) + "0000000049454e44ae426082");
        assertThat(send(of, "image/png", bomb)).hasStatus(HttpStatus.BAD_REQUEST).bodyText().contains("million pixels");
        assertThat(send(of, "image/png", picture("png", 8, 100))).hasStatus(HttpStatus.BAD_REQUEST).bodyText().contains("too small");
        assertThat(send(of, "image/png", picture("png", 16, 4000))).hasStatus(HttpStatus.BAD_REQUEST).bodyText().contains("a strip");
        assertThat(send(of, "image/jpeg", new byte[15 * 1024 * 1024 + 1])).hasStatus(HttpStatus.CONTENT_TOO_LARGE);
        assertThat(mvc.get().uri("/api/photos?" + of).exchange()).bodyJson().extractingPath("$").asArray().isEmpty();
    }

    /** A text beside the picture that unfolds to a gigabyte (PNG specification, 11.3.3.3) is not looked at, and the picture is kept. */
    @Test
    void texts_beside_a_picture_are_not_unfolded() throws IOException {
        byte[] png = picture("png", 400, 300);
        ByteArrayOutputStream text = new ByteArrayOutputStream();
        text.writeBytes("zTXtnote\0\0".getBytes(StandardCharsets.ISO_8859_1));
        try (DeflaterOutputStream folded = new DeflaterOutputStream(text)) {
            byte[] block = new byte[1_000_000];
            for (int i = 0; i < 1000; i++) {
                folded.write(block);
            }
        }
        byte[] chunk = text.toByteArray();
        CRC32 crc = new CRC32();
        crc.update(chunk);
        ByteBuffer both = ByteBuffer.allocate(png.length + chunk.length + 8);
        // behind the signature and the header, 8 and 25 bytes
        both.put(png, 0, 33).putInt(chunk.length - 4).put(chunk).putInt((int) crc.getValue()).put(png, 33, png.length - 33);
        MvcTestResult added = send("trial=" + trial(), "image/png", both.array());
        assertThat(read(added, "$.widthPx", Integer.class)).isEqualTo(400);
    }

    @Test
    void a_large_one_is_kept_as_large_as_one_can_measure_on() throws Exception {
        MvcTestResult added = send("trial=" + trial(), "image/jpeg", picture("jpg", 5000, 2500));
        assertThat(read(added, "$.widthPx", Integer.class)).isEqualTo(2000);
        assertThat(read(added, "$.heightPx", Integer.class)).isEqualTo(1000);
        long id = read(added, "$.id", Long.class);
        assertThat(image(bytes(mvc.get().uri("/api/photos/" + id + "/small").exchange())).getWidth()).isEqualTo(360);
    }

    /** A lossy WebP (RFC 9649), 16 by 16. */
    @Test
    void webp_is_read() {
        byte[] webp = Base64.getDecoder().decode("UklGRiIAAABXRUJQVlA4IBYAAAAwAQCdASoQABAAAMASJaQAA3AA/v89WAA=");
        MvcTestResult added = send("trial=" + trial(), "image/webp", webp);
        assertThat(added).hasStatus(HttpStatus.CREATED);
        assertThat(read(added, "$.widthPx", Integer.class)).isEqualTo(16);
    }

    /** A JPEG of four inks, as programs for printing write them (segment APP14 of ITU-T T.872, inks inverted): no cyan, full magenta and yellow, no black is red. */
    @Test
    void a_jpeg_made_for_printing_is_read() throws Exception {
        WritableRaster inks = Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, 64, 48, 4, null);
        IntStream.range(0, 64 * 48).forEach(i -> inks.setPixel(i % 64, i / 64, new int[] {255, 0, 0, 255}));
        ByteArrayOutputStream printed = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(printed)) {
            writer.setOutput(out);
            writer.write(null, new IIOImage(inks, null, null), null);
        } finally {
            writer.dispose();
        }
        byte[] file = printed.toByteArray();
        ByteArrayOutputStream marked = new ByteArrayOutputStream();
        marked.write(file, 0, 2);
        marked.writeBytes(hex("ffee000e" + "41646f6265" + "0064" + "0000" + "0000" + "00"));
        marked.write(file, 2, file.length - 2);
        MvcTestResult added = send("trial=" + trial(), "image/jpeg", marked.toByteArray());
        assertThat(added).hasStatus(HttpStatus.CREATED);
        long id = read(added, "$.id", Long.class);
        assertThat(new Color(image(bytes(mvc.get().uri("/api/photos/" + id + "/image").exchange())).getRGB(30, 20))).matches(colour -> reddish(colour.getRGB()), "red");
    }

    @Test
    void radius_slope_and_gap_are_told_with_what_they_may_be_off() {
        // a chord of 240 that rises by 40 lies on a circle of 200 (Euclid, Elements III.35); ten pixels to the millimetre
        String pointed = """
                {"pictureToShown": 1, "known": %s, "knownMm": 120, "curve": [{"xPx": 0, "yPx": 400}, {"xPx": 600, "yPx": 200}, {"xPx": 1200, "yPx": 400}],
                 "edge": %s, "grain": %s, "gap": %s}""".formatted(SPOTS.formatted(0, 0, 600, 0), SPOTS.formatted(0, 0, 1200, 0), SPOTS.formatted(0, 100, 1200, 200), SPOTS.formatted(0, 0, 0, 50));
        MvcTestResult read = post(mvc, "/api/photos/measurement", pointed);
        assertThat(read(read, "$.radius.mm", Double.class)).isCloseTo(200, within(1e-6));
        assertThat(read(read, "$.radius.sdMm", Double.class)).isBetween(0.5, 4.0);
        assertThat(read(read, "$.slope.run", Double.class)).isCloseTo(12, within(1e-6));
        assertThat(read(read, "$.gap.mm", Double.class)).isCloseTo(10, within(1e-6));
        MvcTestResult alone = post(mvc, "/api/photos/measurement", "{\"pictureToShown\": 1, \"curve\": [{\"xPx\": 0, \"yPx\": 4}, {\"xPx\": 60, \"yPx\": 4}, {\"xPx\": 120, \"yPx\": 4}]}");
        assertThat(read(alone, "$.straight", Boolean.class)).isTrue();
        assertThat(refusedFields(post(mvc, "/api/photos/measurement", "{\"pictureToShown\": 1, \"known\": %s}".formatted(SPOTS.formatted(0, 0, 9, 9))))).containsExactly("knownMm");
        assertThat(refusedFields(post(mvc, "/api/photos/measurement", "{\"pictureToShown\": 1, \"gap\": %s}".formatted(SPOTS.formatted(3, 3, 3, 3))))).containsExactly("gap");
        assertThat(refusedFields(post(mvc, "/api/photos/measurement", "{\"pictureToShown\": 0, \"curve\": %s}".formatted(SPOTS.formatted(0, 0, 9, 99_999)))))
                .containsExactlyInAnyOrder("pictureToShown", "curve", "curve[1].yPx");
    }

    @Test
    void what_was_pointed_at_stays_with_it() {
        String of = "trial=" + trial();
        long id = read(send(of + "&caption=Let go", "image/png", picture("png", 300, 200)), "$.id", Long.class);
        MvcTestResult kept = put(mvc, "/api/photos/" + id + "?version=0", """
                {"caption": " After a week ", "pointed": {"pictureToShown": 2, "known": %s, "knownMm": 100, "gap": %s}}"""
                .formatted(SPOTS.formatted(0, 0, 200, 0), SPOTS.formatted(10, 10, 10, 30)));
        assertThat(read(kept, "$.measured.gap.mm", Double.class)).isCloseTo(10, within(1e-9));
        MvcTestResult all = mvc.get().uri("/api/photos?" + of).exchange();
        assertThat(read(all, "$[0].photo.caption", String.class)).isEqualTo("After a week");
        assertThat(read(all, "$[0].photo.pointed.gap[1].yPx", Double.class)).isEqualTo(30);
        assertThat(put(mvc, "/api/photos/" + id + "?version=0", "{\"caption\": \"\"}")).hasStatus(HttpStatus.CONFLICT);
        assertThat(delete(mvc, "/api/photos/" + id + "?version=1")).hasStatusOk();
        assertThat(mvc.get().uri("/api/photos/" + id + "/image").exchange()).hasStatus(HttpStatus.NOT_FOUND);
        assertThat(read(mvc.get().uri("/api/photos?" + of).exchange(), "$.length()", Integer.class)).isZero();
        assertThat(post(mvc, "/api/photos/" + id + "/restoration", "")).hasStatusOk();
        assertThat(read(mvc.get().uri("/api/photos/" + id).exchange(), "$.photo.caption", String.class)).isEqualTo("After a week");
    }

    @Test
    void one_taken_on_the_bench_is_of_the_record_its_piece_becomes() {
        long piece = read(post(mvc, "/api/bench", "{\"name\": \"Rib\", \"recipe\": %s}".formatted(Wire.recipe(12, 200, Wire.STEAM))), "$.id", Long.class);
        MvcTestResult sent = send("piece=" + piece, "image/png", picture("png", 640, 480));
        assertThat(sent).hasStatus(HttpStatus.CREATED);
        assertThat(read(sent, "$.pieceId", Long.class)).isEqualTo(piece);
        MvcTestResult clamped = null;
        for (String tap : new String[] {"INTO_HEAT", "AT_HEAT", "PULLED", "CLAMPED"}) {
            clamped = post(mvc, "/api/bench/" + piece + "/taps", "{\"tap\": \"%s\", \"saidAt\": \"%s\"}".formatted(tap, Instant.now()));
        }
        MvcTestResult judged = post(mvc, "/api/bench/%d/verdict?version=%d".formatted(piece, read(clamped, "$.version", Integer.class)),
                "{\"outcome\": {\"severity\": \"CLEAN\"}, \"note\": \"\"}");
        MvcTestResult photos = mvc.get().uri("/api/photos?trial=" + read(judged, "$.trialId", Long.class)).exchange();
        assertThat(read(photos, "$.length()", Integer.class)).isEqualTo(1);
        assertThat(send("piece=" + piece, "image/png", picture("png", 640, 480))).as("it is no longer on the bench").hasStatus(HttpStatus.NOT_FOUND);
        assertThat(refusedFields(send("piece=1&trial=1", "image/png", picture("png", 640, 480)))).containsExactly("trial");
    }

    @Test
    void a_photograph_is_of_one_thing_that_is_here() {
        byte[] png = picture("png", 40, 40);
        assertThat(refusedFields(send("", "image/png", png))).containsExactly("trial");
        assertThat(refusedFields(send("trial=1&board=1", "image/png", png))).containsExactly("trial");
        assertThat(send("trial=999999", "image/png", png)).hasStatus(HttpStatus.NOT_FOUND);
        assertThat(send("board=999999", "image/png", png)).hasStatus(HttpStatus.NOT_FOUND);
        String of = "trial=" + trial();
        IntStream.range(0, 40).forEach(i -> assertThat(Wire.persistently(() -> send(of, "image/png", png))).hasStatus(HttpStatus.CREATED));
        assertThat(refusedFields(send(of, "image/png", png))).containsExactly("photo");
    }
}

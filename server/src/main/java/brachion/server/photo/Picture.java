package brachion.server.photo;

import brachion.server.problem.RefusedFieldException;
import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.imaging.png.PngChunk;
import com.drew.imaging.png.PngChunkReader;
import com.drew.imaging.png.PngChunkType;
import com.drew.lang.ByteArrayReader;
import com.drew.lang.SequentialByteArrayReader;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;

/**
 * A photograph as pixels alone: whatever else came in its file (where it was taken, by what, anything hidden behind it) is left
 * behind. It stands upright as the camera said.
 */
final class Picture {

    private static final String FIELD = "photo";
    /** Pixels that are decoded of each kind; WebP is decoded whole, the others line by line. */
    private static final Map<String, Long> MOST_PIXELS = Map.of("jpeg", 64_000_000L, "png", 64_000_000L, "webp", 20_000_000L);
    private static final int FEWEST_PX = 16;
    /** No camera takes a picture so many times as long as it is wide, panoramas among them. */
    private static final int LONGEST_SIDES = 20;
    /** Lines left out while decoding still leave this many times what is kept. */
    private static final int SPARE = 2;

    private final BufferedImage upright;

    private Picture(BufferedImage upright) {
        this.upright = upright;
    }

    int widthPx() {
        return upright.getWidth();
    }

    int heightPx() {
        return upright.getHeight();
    }

    /** Reads what was sent. Refuses what is no JPEG, PNG or WebP, is damaged, or has too many pixels. */
    static Picture of(byte[] sent) {
        try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(sent))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            while (readers.hasNext()) {
                ImageReader reader = readers.next();
                String format = reader.getFormatName().toLowerCase(Locale.ROOT);
                Long most = MOST_PIXELS.get(format);
                if (most != null) {
                    // texts beside the picture may unfold to anything and are of no use
                    reader.setInput(in, true, true);
                    try {
                        return read(reader, most, turn(sent, format));
                    } finally {
                        reader.dispose();
                    }
                }
            }
        } catch (IOException | RuntimeException damaged) {
            if (damaged instanceof RefusedFieldException refused) {
                throw refused;
            }
            throw new RefusedFieldException(FIELD, "This photograph is damaged: it cannot be read to its end.");
        }
        throw new RefusedFieldException(FIELD, "This is no photograph that can be kept: a JPEG, PNG or WebP is.");
    }

    private static Picture read(ImageReader reader, long most, Optional<Orientation> turn) throws IOException {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        if ((long) width * height > most) {
            throw new RefusedFieldException(FIELD, "This photograph has " + (long) width * height / 1_000_000 + " million pixels; up to "
                    + most / 1_000_000 + " million are taken.");
        }
        if (Math.max(width, height) > LONGEST_SIDES * Math.min(width, height)) {
            throw new RefusedFieldException(FIELD, "This is no photograph but a strip, more than " + LONGEST_SIDES + " times as long as it is wide.");
        }
        if (Math.min(width, height) < FEWEST_PX) {
            throw new RefusedFieldException(FIELD, "This photograph is too small to see anything on it.");
        }
        ImageReadParam sparingly = reader.getDefaultReadParam();
        int step = Math.max(1, Math.max(width, height) / (SPARE * ImageSize.WHOLE.longestPx()));
        sparingly.setSourceSubsampling(step, step, 0, 0);
        BufferedImage onPaper = onPaper(reader.read(0, sparingly));
        BufferedImage whole = shrunk(onPaper, ImageSize.WHOLE);
        return new Picture(turn.map(orientation -> ExifFilterUtils.getFilterForOrientation(orientation).apply(whole)).orElse(whole));
    }

    /** How the camera was held, where it said so (Exif 2.32, tag 0x0112). */
    private static Optional<Orientation> turn(byte[] sent, String format) {
        try {
            Metadata said = format.equals("png") ? exifOfPng(sent) : ImageMetadataReader.readMetadata(new ByteArrayInputStream(sent));
            return Optional.ofNullable(said.getFirstDirectoryOfType(ExifIFD0Directory.class))
                    .map(exif -> exif.getInteger(ExifDirectoryBase.TAG_ORIENTATION)).map(Orientation::typeOf);
        } catch (ImageProcessingException | IOException | IllegalArgumentException saysNothing) {
            return Optional.empty();
        }
    }

    /** Of a PNG the one chunk alone, and none of its texts (Portable Network Graphics, third edition, 11.3.4.5). */
    private static Metadata exifOfPng(byte[] sent) throws ImageProcessingException, IOException {
        Metadata said = new Metadata();
        for (PngChunk exif : new PngChunkReader().extract(new SequentialByteArrayReader(sent), Set.of(PngChunkType.eXIf))) {
            new ExifReader().extract(new ByteArrayReader(exif.getBytes()), said, 0);
        }
        return said;
    }

    /** What is transparent shows white behind it. */
    private static BufferedImage onPaper(BufferedImage decoded) {
        BufferedImage paper = new BufferedImage(decoded.getWidth(), decoded.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D drawn = paper.createGraphics();
        drawn.drawImage(decoded, 0, 0, Color.WHITE, null);
        drawn.dispose();
        return paper;
    }

    private static BufferedImage shrunk(BufferedImage image, ImageSize size) throws IOException {
        return Math.max(image.getWidth(), image.getHeight()) <= size.longestPx() ? image
                : Thumbnails.of(image).size(size.longestPx(), size.longestPx()).asBufferedImage();
    }

    /** The picture as a JPEG. */
    byte[] jpeg(ImageSize size) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            Thumbnails.of(shrunk(upright, size)).scale(1).outputFormat("jpg").outputQuality(size.quality()).toOutputStream(out);
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return out.toByteArray();
    }
}

package brachion.server.photo;

import brachion.server.problem.RefusedFieldException;
import brachion.server.storage.Stores;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Photographs over HTTP. */
@RestController
@RequestMapping("/api/photos")
class PhotoController {

    private static final String WEBP = "image/webp";

    private final PhotoService service;

    PhotoController(PhotoService service) {
        this.service = service;
    }

    /** Those of a record, of a board in stock or of a piece on the bench. */
    @GetMapping
    List<PhotoView> of(@RequestParam(required = false) Long trial, @RequestParam(required = false) Long board, @RequestParam(required = false) Long piece) {
        return service.of(new Subject(trial, board, piece));
    }

    @GetMapping("/{id}")
    PhotoView one(@PathVariable long id) {
        return service.one(id);
    }

    /** Takes one in. */
    @Stores
    @PostMapping(consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE, WEBP})
    @ResponseStatus(HttpStatus.CREATED)
    PhotoView add(@RequestParam(required = false) Long trial, @RequestParam(required = false) Long board, @RequestParam(required = false) Long piece,
                  @RequestParam(defaultValue = "") @Size(max = 200) String caption, @RequestBody(required = false) byte[] photo) {
        if (photo == null) {
            throw new RefusedFieldException("photo", "The photograph is needed.");
        }
        return service.add(new Subject(trial, board, piece), new PhotoFields(caption, null), photo);
    }

    /** Says what it shows, and what was pointed at on it. */
    @Stores
    @PutMapping("/{id}")
    PhotoView change(@PathVariable long id, @RequestParam int version, @Valid @RequestBody PhotoFields fields) {
        return service.change(id, version, fields);
    }

    @Stores
    @DeleteMapping("/{id}")
    PhotoView remove(@PathVariable long id, @RequestParam int version) {
        return service.remove(id, version);
    }

    @Stores
    @PostMapping("/{id}/restoration")
    PhotoView putBack(@PathVariable long id) {
        return service.putBack(id);
    }

    /** What places pointed at tell; nothing of it is kept. */
    @PostMapping("/measurement")
    MeasuredReading measured(@Valid @RequestBody PointedFields pointed) {
        pointed.requireSense();
        return MeasuredReading.of(pointed);
    }

    /** To look at and to measure on. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = MediaType.IMAGE_JPEG_VALUE, schema = @Schema(type = "string", format = "binary")))
    @GetMapping(path = "/{id}/image", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> image(@PathVariable long id) {
        return jpeg(id, ImageSize.WHOLE);
    }

    /** In a row of several. */
    @ApiResponse(responseCode = "200", content = @Content(mediaType = MediaType.IMAGE_JPEG_VALUE, schema = @Schema(type = "string", format = "binary")))
    @GetMapping(path = "/{id}/small", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> small(@PathVariable long id) {
        return jpeg(id, ImageSize.SMALL);
    }

    /** Never anything but an image; whoever has it already is told that it is still the one. */
    private ResponseEntity<byte[]> jpeg(long id, ImageSize size) {
        PhotoView photo = service.one(id);
        return ResponseEntity.ok().contentType(MediaType.IMAGE_JPEG).cacheControl(CacheControl.noCache().cachePrivate())
                .eTag("%d-%d-%s".formatted(id, photo.addedAt().toEpochMilli(), size)).body(service.jpeg(id, size));
    }
}

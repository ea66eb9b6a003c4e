package brachion.server.photo;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;

/**
 * A photograph as it is shown.
 *
 * @param id       key
 * @param version  state it was in when read; give it back with a change
 * @param trialId  the record it is of, null when it is of something else
 * @param boardId  the board in stock it is of, null when it is of something else
 * @param pieceId  the piece on the bench it is of, null when it is of something else
 * @param addedAt  when it came in
 * @param widthPx  its width [px]
 * @param heightPx its height [px]
 * @param photo    what is said of it
 * @param measured what the places pointed at tell
 */
record PhotoView(long id, int version, @Schema(nullable = true) Long trialId, @Schema(nullable = true) Long boardId,
                 @Schema(nullable = true) Long pieceId, @NotNull Instant addedAt, int widthPx, int heightPx, @NotNull PhotoFields photo,
                 MeasuredReading measured) {

    static PhotoView of(PhotoEntity stored) {
        PhotoFields fields = stored.fields();
        return new PhotoView(stored.id(), stored.version(), stored.trialId(), stored.stockId(), stored.pieceId(), stored.addedAt(), stored.widthPx(), stored.heightPx(), fields,
                fields.pointed() == null ? MeasuredReading.NOTHING : MeasuredReading.of(fields.pointed()));
    }
}

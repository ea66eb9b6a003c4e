package brachion.server.photo;

import brachion.server.storage.CountedEntity;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import tools.jackson.databind.json.JsonMapper;

/** A stored photograph, but for its pixels. */
@Entity
@Table(name = "photo")
class PhotoEntity extends CountedEntity {

    private static final JsonMapper JSON = JsonMapper.shared();

    private Long trialId;
    private Long stockId;
    /** The piece it was taken of on the bench, from the start to the verdict; then the record is what it is of. */
    private Long pieceId;
    private Instant addedAt;
    private String caption;
    private int widthPx;
    private int heightPx;
    private String pointed;

    protected PhotoEntity() {
    }

    PhotoEntity(Subject subject, Instant addedAt, Picture picture) {
        this.trialId = subject.trial();
        this.stockId = subject.board();
        this.pieceId = subject.piece();
        this.addedAt = addedAt;
        this.widthPx = picture.widthPx();
        this.heightPx = picture.heightPx();
        this.caption = "";
    }

    void write(PhotoFields fields) {
        caption = fields.caption().strip();
        pointed = fields.pointed() == null ? null : JSON.writeValueAsString(fields.pointed());
    }

    PhotoFields fields() {
        return new PhotoFields(caption, pointed == null ? null : JSON.readValue(pointed, PointedFields.class));
    }

    Long trialId() {
        return trialId;
    }

    /** Its piece became a record. */
    void isOfRecord(long trial) {
        trialId = trial;
        pieceId = null;
    }

    Long pieceId() {
        return pieceId;
    }

    Long stockId() {
        return stockId;
    }

    Instant addedAt() {
        return addedAt;
    }

    int widthPx() {
        return widthPx;
    }

    int heightPx() {
        return heightPx;
    }
}

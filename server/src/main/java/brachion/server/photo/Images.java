package brachion.server.photo;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** The pixels of photographs, which are only fetched when somebody looks. */
@Component
class Images {

    private final JdbcTemplate database;

    Images(JdbcTemplate database) {
        this.database = database;
    }

    void keep(long photo, Picture picture) {
        for (ImageSize size : ImageSize.values()) {
            database.update("insert into photo_image (photo_id, size, jpeg) values (?, ?, ?)", photo, size.name(), picture.jpeg(size));
        }
    }

    byte[] jpeg(long photo, ImageSize size) {
        return database.queryForObject("select jpeg from photo_image where photo_id = ? and size = ?", byte[].class, photo, size.name());
    }
}

package brachion.server.day;

import brachion.server.storage.CountedEntity;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** When a shop works; each shop has one, or none while nobody said. */
@Entity
@Table(name = "day_hours")
class DayHoursEntity extends CountedEntity {

    @Embedded
    private HoursFields hours;

    protected DayHoursEntity() {
    }

    DayHoursEntity(HoursFields hours) {
        this.hours = hours;
    }

    HoursFields hours() {
        return hours;
    }

    void change(HoursFields to) {
        hours = to;
    }
}

package brachion.server;

import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;

class StructureTest {

    @Test
    void capabilities_use_each_other_only_through_their_public_faces_and_in_no_circle() {
        ApplicationModules.of(BrachionApplication.class).verify();
    }
}

package brachion.server.job;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface JobRepository extends JpaRepository<JobEntity, Long> {

    List<JobEntity> findByDeletedAtIsNull();

    @Query("select count(distinct j) from JobEntity j join j.plans p where p.recipe.blank.speciesId = :speciesId")
    long plannedOf(String speciesId);
}

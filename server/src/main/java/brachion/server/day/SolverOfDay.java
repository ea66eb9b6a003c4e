package brachion.server.day;

import brachion.core.schedule.ScheduleSearch;
import brachion.schedule.TimefoldSearch;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Which search looks for the order of work. */
@Configuration(proxyBeanMethods = false)
class SolverOfDay {

    @Bean
    ScheduleSearch scheduleSearch() {
        return new TimefoldSearch();
    }
}

package brachion.server.job;

import brachion.server.storage.Stores;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
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

/** The jobs over HTTP. */
@RestController
@RequestMapping("/api/jobs")
class JobController {

    private final JobService service;

    JobController(JobService service) {
        this.service = service;
    }

    @GetMapping
    List<JobView> all() {
        return service.all();
    }

    @Stores
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    JobView takeOn(@Valid @RequestBody JobFields job) {
        return service.takeOn(job);
    }

    @Stores
    @PutMapping("/{id}")
    JobView change(@PathVariable long id, @RequestParam int version, @Valid @RequestBody JobFields job) {
        return service.change(id, version, job);
    }

    @Stores
    @DeleteMapping("/{id}")
    JobView close(@PathVariable long id, @RequestParam int version) {
        return service.close(id, version);
    }

    @Stores
    @PostMapping("/{id}/restoration")
    JobView takeUpAgain(@PathVariable long id) {
        return service.takeUpAgain(id);
    }
}

package brachion.server.shell;

import brachion.server.storage.CurrentShop;
import brachion.server.storage.Patience;
import java.time.Duration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.concurrent.ThreadPoolTaskExecutor;
import org.springframework.web.servlet.config.annotation.AsyncSupportConfigurer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Questions that take a while to answer (a map, a search) are answered by few at a time, the others wait in a line, and
 * when that is long, whoever comes is asked to come again. So a small question never waits for a big one. A controller's
 * method joins by returning a {@link java.util.concurrent.Callable} or a stream.
 */
@Configuration(proxyBeanMethods = false)
class BigQuestions implements WebMvcConfigurer {

    private static final int IN_LINE = 16;
    private static final Duration LONGEST = Duration.ofSeconds(60);

    private final ThreadPoolTaskExecutor few = few();

    @Override
    public void configureAsyncSupport(AsyncSupportConfigurer async) {
        async.setTaskExecutor(few);
        async.setDefaultTimeout(LONGEST.toMillis());
    }

    @Bean
    ThreadPoolTaskExecutor bigQuestionsExecutor() {
        return few;
    }

    private static ThreadPoolTaskExecutor few() {
        ThreadPoolTaskExecutor few = new ThreadPoolTaskExecutor();
        int atATime = Math.max(1, Runtime.getRuntime().availableProcessors() / 2);
        few.setCorePoolSize(atATime);
        few.setMaxPoolSize(atATime);
        few.setQueueCapacity(IN_LINE);
        few.setThreadNamePrefix("big-question-");
        few.setThreadPriority(Thread.MIN_PRIORITY);
        // whoever asks is asked about in the thread that answers, too
        few.setTaskDecorator(question -> {
            String shop = CurrentShop.key();
            return () -> CurrentShop.in(shop, () -> {
                Patience.begin();
                try {
                    question.run();
                } finally {
                    Patience.end();
                }
                return null;
            });
        });
        return few;
    }
}

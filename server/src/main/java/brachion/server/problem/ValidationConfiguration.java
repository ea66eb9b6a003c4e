package brachion.server.problem;

import jakarta.validation.Path;
import jakarta.validation.TraversableResolver;
import java.lang.annotation.ElementType;
import org.springframework.boot.validation.autoconfigure.ValidationConfigurationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How what comes in is looked at. */
@Configuration(proxyBeanMethods = false)
class ValidationConfiguration {

    /** Only what travels is validated, never what is still to be loaded from a database: everything can be looked at. */
    private static final class All implements TraversableResolver {

        @Override
        public boolean isReachable(Object object, Path.Node property, Class<?> root, Path to, ElementType type) {
            return true;
        }

        @Override
        public boolean isCascadable(Object object, Path.Node property, Class<?> root, Path to, ElementType type) {
            return true;
        }
    }

    @Bean
    ValidationConfigurationCustomizer looksAtEverything() {
        return configuration -> configuration.traversableResolver(new All());
    }
}

package brachion.server.shell;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Title and address of the interface description. */
@Configuration
class OpenApiConfiguration {

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(new Info().title("Brachion").version("1")
                        .description("Lengths in mm, temperatures in °C, moisture in per cent of oven-dry mass."))
                .servers(List.of(new Server().url("/")));
    }

    /** What a person fills in may leave things out; what the server answers is always complete. */
    @Bean
    @SuppressWarnings("rawtypes")
    OpenApiCustomizer answersAreComplete() {
        return api -> api.getComponents().getSchemas().forEach((name, schema) -> {
            if (!name.endsWith("Fields") && schema.getProperties() != null) {
                for (Object property : ((Schema<?>) schema).getProperties().keySet()) {
                    schema.addRequiredItem(property.toString());
                }
            }
        });
    }
}

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

    /** What a person fills in, and readings of it, may leave things out; other answers are always complete. */
    @Bean
    @SuppressWarnings("rawtypes")
    OpenApiCustomizer answersAreComplete() {
        return api -> api.getComponents().getSchemas().forEach((name, schema) -> {
            boolean partial = name.endsWith("Fields") || name.endsWith("Reading");
            if (!partial && schema.getProperties() != null) {
                for (Object property : ((Schema<?>) schema).getProperties().keySet()) {
                    schema.addRequiredItem(property.toString());
                }
            }
        });
    }
}

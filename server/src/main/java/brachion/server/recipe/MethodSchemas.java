package brachion.server.recipe;

import brachion.core.method.MethodKind;
import brachion.core.method.Setting;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Describes each way of bending in the interface's document, from the settings it publishes. */
@Configuration(proxyBeanMethods = false)
class MethodSchemas {

    private static final String KIND = "kind";
    private static final String REFERENCE = "#/components/schemas/";

    @Bean
    OpenApiCustomizer waysOfBendingAsTheyPublishThemselves() {
        return api -> {
            Discriminator discriminator = new Discriminator().propertyName(KIND);
            Schema<Object> any = new Schema<>().discriminator(discriminator);
            for (MethodKind kind : MethodKind.values()) {
                String name = name(kind);
                api.getComponents().addSchemas(name, described(kind));
                discriminator.mapping(kind.name(), REFERENCE + name);
                any.addOneOfItem(new Schema<>().$ref(REFERENCE + name));
            }
            api.getComponents().addSchemas(MethodFields.class.getSimpleName(), any);
        };
    }

    /** As in SteamBoxFields. */
    private static String name(MethodKind kind) {
        return Arrays.stream(kind.name().split("_")).map(word -> word.charAt(0) + word.substring(1).toLowerCase(Locale.ROOT))
                .collect(Collectors.joining()) + "Fields";
    }

    private static Schema<?> described(MethodKind kind) {
        Schema<?> whole = new ObjectSchema();
        whole.addProperty(KIND, new StringSchema()._enum(List.of(kind.name())));
        whole.addRequiredItem(KIND);
        for (Setting<?> setting : kind.settings()) {
            String key = setting.key();
            int dot = key.indexOf('.');
            if (dot < 0) {
                put(whole, key, setting, setting.need().unconditional());
            } else {
                Schema<?> group = group(whole, key.substring(0, dot));
                // within a group, what must be there with its first setting is needed with it, and the first makes the group
                put(group, key.substring(dot + 1), setting, setting.need().of().isEmpty() || setting.need().missing().isPresent());
            }
        }
        return whole;
    }

    private static Schema<?> group(Schema<?> whole, String name) {
        Map<?, ?> there = whole.getProperties();
        if (!there.containsKey(name)) {
            whole.addProperty(name, new ObjectSchema());
        }
        return whole.getProperties().get(name);
    }

    private static void put(Schema<?> into, String name, Setting<?> setting, boolean required) {
        into.addProperty(name, value(setting));
        if (required) {
            into.addRequiredItem(name);
        }
    }

    private static Schema<?> value(Setting<?> setting) {
        if (setting instanceof Setting.Chosen<?> chosen) {
            return new StringSchema()._enum(Arrays.stream(chosen.words().getEnumConstants()).map(Enum::name).toList());
        }
        Setting.Measured measured = (Setting.Measured) setting;
        Schema<?> number = measured.counted() ? new IntegerSchema() : new NumberSchema().format("double");
        return number.minimum(BigDecimal.valueOf(measured.bound().lowest())).maximum(BigDecimal.valueOf(measured.bound().highest()));
    }
}

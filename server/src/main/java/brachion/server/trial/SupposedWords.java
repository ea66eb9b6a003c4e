package brachion.server.trial;

import brachion.core.method.Supposed;
import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** What is supposed of a trial as it is stored: its words with commas between, nothing for nothing. */
@Converter
class SupposedWords implements AttributeConverter<Set<Supposed>, String> {

    private static final String BETWEEN = ",";

    @Override
    public String convertToDatabaseColumn(Set<Supposed> supposed) {
        return supposed == null || supposed.isEmpty() ? null : supposed.stream().map(Supposed::name).collect(Collectors.joining(BETWEEN));
    }

    @Override
    public Set<Supposed> convertToEntityAttribute(String words) {
        return words == null ? null : Arrays.stream(words.split(BETWEEN)).map(Supposed::valueOf).collect(Collectors.toCollection(TreeSet::new));
    }
}

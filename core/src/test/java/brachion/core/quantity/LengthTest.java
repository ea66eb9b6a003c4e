package brachion.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTest {

    private static final double MM = 1e-9;

    @ParameterizedTest(name = "{0} reads as {1} mm")
    @CsvSource(quoteCharacter = '|', value = {
        "3/16, 4.7625", "1 1/8\", 28.575", "1-1/8 in, 28.575", "4.8 mm, 4.8", "|4,8 mm|, 4.8", "12cm, 120",
        "2'6\", 762", "2' 6 1/2\", 774.7", "2 ft 6 in, 762", "½, 12.7", "1½ in, 38.1", "5 ft, 1524", "1.2 m, 1200",
        "6\", 152.4", "6'', 152.4", "3⁄16”, 4.7625", "  7/8  in. , 22.225", ".25 in, 6.35"})
    void reads_lengths_as_makers_write_them(String text, double millimetres) {
        assertThat(Length.parse(text, LengthUnit.MILLIMETRE).millimetres()).isCloseTo(millimetres, within(MM));
    }

    @ParameterizedTest(name = "{0} in {1} reads as {2} mm")
    @CsvSource({"6, INCH, 152.4", "6, MILLIMETRE, 6", "0.25, INCH, 6.35", "3/16, MILLIMETRE, 4.7625"})
    void a_bare_number_takes_the_unit_in_use_and_a_bare_fraction_is_inches(String text, LengthUnit unit, double mm) {
        assertThat(Length.parse(text, unit).millimetres()).isCloseTo(mm, within(MM));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "abc", "3/0", "1/2/3", "4.8 kg", "-3 mm", "3 16", "1,500 mm", "2'6'", "1..2"})
    void refuses_what_is_no_length_and_says_what_it_would_take(String text) {
        assertThatThrownBy(() -> Length.parse(text, LengthUnit.INCH))
                .isInstanceOf(UnreadableQuantityException.class)
                .hasMessageContaining("“" + text.strip() + "”").hasMessageContaining("3/16");
    }

    @ParameterizedTest(name = "{0} mm prints as {1}")
    @CsvFileSource(resources = "/printed-lengths.csv", numLinesToSkip = 3, quoteCharacter = '"')
    void prints_the_nearest_workshop_fraction_and_millimetres(double mm, String inches, boolean exact, String metric) {
        Length length = new Length(mm);
        assertThat(length.inchFraction()).hasToString(inches);
        assertThat(length.inchFraction().exact()).isEqualTo(exact);
        assertThat(length.metric()).isEqualTo(metric);
    }

    @Property
    void a_fraction_printed_and_read_again_is_the_same_length(@ForAll @IntRange(max = 64_000) int sixtyFourths) {
        Length length = Length.of(sixtyFourths / 64.0, LengthUnit.INCH);
        InchFraction printed = length.inchFraction();
        assertThat(printed.exact()).isTrue();
        assertThat(Length.parse(printed.toString(), LengthUnit.MILLIMETRE).millimetres())
                .isCloseTo(length.millimetres(), within(MM));
    }

    @Property
    void the_nearest_fraction_is_never_further_off_than_half_a_mark(@ForAll @DoubleRange(max = 20_000) double mm) {
        double halfMark = 25.4 / 64 / 2;
        assertThat(new Length(mm).inchFraction().length().millimetres()).isCloseTo(mm, within(halfMark + MM));
    }

    @Property
    void millimetres_printed_and_read_again_are_within_the_last_digit(@ForAll @DoubleRange(max = 20_000) double mm) {
        double half = mm < 99.95 ? 0.05 : 0.5;
        assertThat(Length.parse(new Length(mm).metric(), LengthUnit.INCH).millimetres())
                .isCloseTo(mm, within(half + MM));
    }

    @ParameterizedTest
    @ValueSource(doubles = {-1, Double.NaN, Double.POSITIVE_INFINITY})
    void a_length_below_zero_or_without_end_is_refused(double mm) {
        assertThatThrownBy(() -> new Length(mm)).isInstanceOf(IllegalArgumentException.class);
    }
}

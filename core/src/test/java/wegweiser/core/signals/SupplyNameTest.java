package wegweiser.core.signals;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.TextJob;

class SupplyNameTest {
    @ParameterizedTest
    @CsvSource({"V+,+12V,''", "V+,HEATER,HEATER", "CAMERA,'',CAMERA", "V+,12 V heater,HEATER", "VBUS,'',''",
            "V+,5V0,''", "V+,Battery +,BATTERY", "BATTERY,'',BATTERY", "V+,LiPo 4S,BATTERY",
            "V+,Akku,BATTERY",
            "V+,lead-acid 12 V,BATTERY", "V+,KL30,BATTERY", "V-,-12V,''", "V+,+,''", "V+,OUT,''",
            "LEFT-TURN,L,LEFT-TURN"})
    void isWhatTheContactIsForAndNotItsVolts(String signal, String name, String expected) {
        Pin pin = Pin.of(TextJob.of("A terminal-2; 1 " + signal + " supply-out"
                + (name.isEmpty() ? "" : " name=" + name.replace(' ', '_')), "B terminal-2")).getFirst();
        assertThat(SupplyName.of(pin).orElse("")).isEqualTo(expected);
    }
}

package wegweiser.app.controls;

import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

/** The sound of the simulated meter: a short tone of 2.3 kHz, faded in and out so that it does not click. */
public final class Buzzer {
    private static final float RATE = 22_050;
    private static final double HERTZ = 2_300;
    private static final double SECONDS = 0.16;
    private static final double FADE = 0.01;

    private Buzzer() {}

    /** The tone as signed samples of one byte. */
    static byte[] tone() {
        byte[] samples = new byte[(int) (RATE * SECONDS)];
        for (int i = 0; i < samples.length; i++) {
            double at = i / RATE;
            double loud = Math.min(1, Math.min(at, SECONDS - at) / FADE);
            samples[i] = (byte) Math.round(55 * loud * Math.sin(2 * Math.PI * HERTZ * at));
        }
        return samples;
    }

    /** Sounds once, without waiting for the end of it; {@code silent} is run when this machine has no sound. */
    public static void sound(Runnable silent) {
        Thread.ofVirtual().start(() -> {
            AudioFormat format = new AudioFormat(RATE, 8, 1, true, false);
            try (SourceDataLine line = AudioSystem.getSourceDataLine(format)) {
                line.open(format);
                line.start();
                byte[] tone = tone();
                line.write(tone, 0, tone.length);
                line.drain();
            } catch (LineUnavailableException | IllegalArgumentException _) {
                silent.run();
            }
        });
    }
}

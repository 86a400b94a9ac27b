package wegweiser.files.log;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Recogniser;
import wegweiser.core.wiring.Wiring;
import wegweiser.core.wiring.WiringWords;
import wegweiser.core.words.Words;

/**
 * What the record says of a job without its file.
 *
 * @param ends devices and connectors
 * @param words what the wiring is called, or how it runs
 * @param signature equal for two jobs whose connectors and wiring are the same
 */
record Described(String ends, String words, String signature) {
    static Described of(Job job) {
        List<String> ends = new ArrayList<>();
        for (End end : job.ends()) {
            String connector = Catalogue.of(job).of(end).map(ConnectorType::title)
                    .orElse(end.connector());
            ends.add(end.device().isBlank() ? connector : end.device() + " (" + connector + ")");
        }
        if (job.ends().size() != 2) {
            return new Described(String.join(" – ", ends),
                    Words.say("log.nets", Nets.planned(job).joinedNets().size()),
                    Nets.planned(job).toString());
        }
        Wiring wiring = Wiring.between(Nets.planned(job), job.ends().get(0).name(),
                job.ends().get(1).name());
        String near = Catalogue.of(job).of(job.ends().get(0)).map(ConnectorType::family).orElse("");
        String far = Catalogue.of(job).of(job.ends().get(1)).map(ConnectorType::family).orElse("");
        String words = Recogniser.recognise(near, far, wiring).map(c -> c.named().title())
                .orElseGet(() -> WiringWords.of(wiring));
        return new Described(String.join(" – ", ends), words,
                near + " " + far + ": " + wiring.signature());
    }
}

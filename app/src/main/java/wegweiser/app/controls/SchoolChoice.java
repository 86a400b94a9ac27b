package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.function.Consumer;
import javafx.scene.control.ComboBox;
import wegweiser.core.model.HasId;

/** A choice among ways that are all good; it stays as it is until a person settles it. */
public final class SchoolChoice<E extends Enum<E> & HasId> extends ComboBox<E> {
    private boolean showing;

    /**
     * @param name its id, which with that of an entry is the key of the entry's words
     * @param chosen is told what a person chose, not what is shown
     */
    public SchoolChoice(String name, E[] ways, Consumer<E> chosen) {
        setId("school-" + name);
        getItems().setAll(ways);
        setConverter(new Worded<>(w -> t("school." + name + "." + w.id())));
        setAccessibleText(t("school." + name));
        setPromptText(t("school." + name));
        managedProperty().bind(visibleProperty());
        valueProperty().addListener((_, _, now) -> {
            if (!showing && now != null) {
                chosen.accept(now);
            }
        });
    }

    /** Shows what holds, null where nothing was settled. */
    public void show(E way) {
        showing = true;
        setValue(way);
        showing = false;
    }
}

package io.inkwellsplit.name;

import io.inkwellsplit.reading.Doubt;
import io.inkwellsplit.reading.Kind;
import io.inkwellsplit.reading.NamePart;
import io.inkwellsplit.reading.Part;
import io.inkwellsplit.reading.Reading;
import io.inkwellsplit.reading.ReadingBuilder;
import io.inkwellsplit.reading.Span;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Makes one reading of each person that a reading names. */
final class People {
    private static final int SECOND = NamePart.SECOND_TITLE.ordinal();
    private static final NamePart[] PARTS = NamePart.values();

    private final Reading<NamePart> all;
    private final NameSplitter splitter;
    private final ReadingBuilder<NamePart> builder = new ReadingBuilder<>(PARTS);

    People(Reading<NamePart> all, NameSplitter splitter) {
        this.all = all;
        this.splitter = splitter;
    }

    List<Reading<NamePart>> each() {
        if (all.kind() != Kind.COUPLE && all.kind() != Kind.SEVERAL) {
            return List.of(all);
        }
        List<Reading<NamePart>> people = new ArrayList<>(List.of(one(0), one(SECOND)));
        if (all.kind() == Kind.SEVERAL) {
            all.part(NamePart.OTHERS).ifPresent(others -> others.spans().forEach(span -> people.add(other(span))));
        }
        return people;
    }

    /** The first person, or the second, whose parts are those of a person alone. */
    private Reading<NamePart> one(int offset) {
        builder.start(all.source(), Kind.PERSON);
        for (Part<NamePart> part : all.parts()) {
            int ordinal = part.key().ordinal() - offset;
            if (ordinal >= 0 && ordinal <= NamePart.LAST_SECOND.ordinal()) {
                add(PARTS[ordinal], part.spans());
            }
        }
        if (!builder.has(NamePart.LAST)) {
            lastName();
        }
        return finish(all.confidence(), Set.of());
    }

    /** Somebody from the third on, whose name is read by itself. */
    private Reading<NamePart> other(Span place) {
        Reading<NamePart> own = splitter.split(all.source().substring(place.start(), place.end()));
        builder.start(all.source(), Kind.PERSON);
        for (Part<NamePart> part : own.parts()) {
            for (Span span : part.spans()) {
                builder.add(part.key(), place.start() + span.start(), place.start() + span.end());
            }
        }
        if (own.kind() == Kind.PERSON && !builder.has(NamePart.LAST)) {
            lastName();
        }
        return finish(Math.min(all.confidence(), own.confidence()), own.doubts());
    }

    private void lastName() {
        for (NamePart part : List.of(NamePart.LAST, NamePart.LAST_PARTICLE, NamePart.LAST_CORE, NamePart.LAST_SECOND)) {
            all.part(part).ifPresent(last -> add(part, last.spans()));
        }
    }

    /** What stands around the names is kept with each of them. */
    private Reading<NamePart> finish(double confidence, Set<Doubt> own) {
        for (Part<NamePart> part : all.parts()) {
            boolean named = part.key() == NamePart.OTHERS && all.kind() == Kind.SEVERAL;
            if (part.key().isLayer() && !named || part.key() == NamePart.ORGANISATION) {
                add(part.key(), part.spans());
            }
        }
        Set<Doubt> doubts = EnumSet.noneOf(Doubt.class);
        doubts.addAll(all.doubts());
        doubts.addAll(own);
        doubts.remove(Doubt.NO_LAST_NAME);
        if (!builder.has(NamePart.LAST)) {
            doubts.add(Doubt.NO_LAST_NAME);
        }
        return builder.build(confidence, doubts);
    }

    private void add(NamePart key, List<Span> spans) {
        spans.forEach(span -> builder.add(key, span.start(), span.end()));
    }
}

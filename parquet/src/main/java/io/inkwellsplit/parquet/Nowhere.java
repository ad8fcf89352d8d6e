package io.inkwellsplit.parquet;

import org.apache.parquet.io.api.Binary;
import org.apache.parquet.io.api.RecordConsumer;

/** Takes values that are only tried. */
final class Nowhere extends RecordConsumer {
    static final RecordConsumer CONSUMER = new Nowhere();

    private Nowhere() {}

    @Override
    public void startMessage() {}

    @Override
    public void endMessage() {}

    @Override
    public void startField(String field, int index) {}

    @Override
    public void endField(String field, int index) {}

    @Override
    public void startGroup() {}

    @Override
    public void endGroup() {}

    @Override
    public void addInteger(int value) {}

    @Override
    public void addLong(long value) {}

    @Override
    public void addBoolean(boolean value) {}

    @Override
    public void addBinary(Binary value) {}

    @Override
    public void addFloat(float value) {}

    @Override
    public void addDouble(double value) {}
}

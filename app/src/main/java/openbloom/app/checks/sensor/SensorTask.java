package openbloom.app.checks.sensor;

import openbloom.core.pelvicfloor.trace.Protocol;

/** What may be asked for while a sensor records. */
enum SensorTask {
    SHORT("4 holds of 6 s, then 7 flicks", Protocol.of(4, 6, 8, 7)),
    FULL("10 holds of 10 s, then 10 flicks", Protocol.of(10, 10, 10, 10)),
    SEQUENCE("rest 60 s, 5 flicks, 5 holds of 10 s, one of 60 s, rest 60 s", Protocol.glazer());

    private final String words;
    private final Protocol protocol;

    SensorTask(String words, Protocol protocol) {
        this.words = words;
        this.protocol = protocol;
    }

    public String words() {
        return words;
    }

    Protocol protocol() {
        return protocol;
    }
}

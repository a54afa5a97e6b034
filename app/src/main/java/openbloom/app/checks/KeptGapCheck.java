package openbloom.app.checks;

import java.time.LocalDate;

/** A gap check without its readings, as it is kept. */
record KeptGapCheck(long id, long womanId, LocalDate checkedOn, long examinerId, String examiner) {}

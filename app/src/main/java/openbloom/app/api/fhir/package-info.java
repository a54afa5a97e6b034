/** HL7 FHIR R4: a woman as a bundle other systems read, and their bundles read here. What is mapped stands in {@code docs/fhir.md}. */
@NullMarked
package openbloom.app.api.fhir;

import org.jspecify.annotations.NullMarked;

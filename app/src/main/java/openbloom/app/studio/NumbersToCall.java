package openbloom.app.studio;

/**
 * Whom to call from where the studio is; empty where the owner has set none.
 *
 * @param emergencyNumber the emergency number
 * @param maternityNumber the maternity unit its women call
 */
public record NumbersToCall(String emergencyNumber, String maternityNumber) {}

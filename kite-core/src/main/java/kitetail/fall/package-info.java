/**
 * How hair lies when it is let go: each drawn strand a thin elastic rod, clamped where it leaves
 * the skin, under its own weight, combed, kept off the body and lying on the hair under it. mm;
 * energies and forces are divided by a hair's weight a millimetre, so an energy is in mm², a
 * bending stiffness in mm³ and a force in mm. Front door: {@link kitetail.fall.Fall}.
 */
package kitetail.fall;

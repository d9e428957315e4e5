/**
 * A plan: a head, its hair, sections and moves; and what comes of it. Invariant: hair only gets
 * shorter, so every state is at most the one before, place by place. Front door: {@link
 * kitetail.plan.PlanEngine}.
 */
package kitetail.plan;

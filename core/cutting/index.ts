/**
 * What happens in the cut: the exact groove of every pass, its forces, the schedule of passes and what they bear.
 * What a fault leaves behind, and how often a hand lands in the band.
 * Figures only; what a student is told of them is written in `core/exercise`.
 */
export {};

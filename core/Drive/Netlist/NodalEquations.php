<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/**
 * The equations of a circuit’s nodes at one step of Newton’s method: what flows out of each, and how that changes with the voltage
 * of every other. Elements stamp themselves into it.
 */
final class NodalEquations
{
    /** kT/q at 27 °C, with k and q as the SI defines them (CODATA 2018). */
    public const THERMAL_VOLTS = 1.380649e-23 * 300.15 / 1.602176634e-19;

    /** @var array<int, float> volts of every node: the unknown ones first, then those that are given */
    public array $volts = [];
    /** @var array<int, array<int, float>> siemens: by node, and by the node whose voltage changes */
    public array $slopes = [];
    /** @var array<int, float> amperes that flow out of each node */
    public array $out = [];
    /** Whether a junction was held back in this step. */
    public bool $wasLimited = false;
    /** @var array<string, float> junction voltages of the last step */
    private array $junctions = [];

    /**
     * @param array<string, int> $index place of every node
     * @param bool $isGuessed the voltages to start from are good ones
     */
    public function __construct(public readonly array $index, private readonly bool $isGuessed) {}

    /** A current out of one node into another. What flows at a given node is reckoned too, and left aside. */
    public function current(int $from, int $to, float $amps): void
    {
        $this->out[$from] += $amps;
        $this->out[$to] -= $amps;
    }

    /** How that current changes with the voltage of a third. */
    public function slope(int $from, int $to, int $with, float $siemens): void
    {
        $this->slopes[$from][$with] += $siemens;
        $this->slopes[$to][$with] -= $siemens;
    }

    /**
     * A junction: its current at the limited voltage carried on straight to the true one, and the slope there.
     *
     * @return array{float, float} amperes and siemens
     */
    public function junction(string $key, float $volts, float $saturationAmps, float $emission): array
    {
        $thermal = $emission * self::THERMAL_VOLTS;
        // A good guess is taken at its word; from nothing, every junction starts at rest.
        $before = $this->junctions[$key] ?? ($this->isGuessed ? $volts : 0.0);
        $critical = $thermal * log($thermal / (M_SQRT2 * $saturationAmps));
        $limited = $volts;
        if ($volts > $critical && abs($volts - $before) > 2 * $thermal) {
            if ($before > 0) {
                $reach = 1 + ($volts - $before) / $thermal;
                $limited = $reach > 0 ? $before + $thermal * log($reach) : $critical;
            } else {
                $limited = $thermal * log(max($volts / $thermal, 1e-30));
            }
            $this->wasLimited = true;
        }
        $this->junctions[$key] = $limited;
        $exponential = exp(max(-40.0, min(300.0, $limited / $thermal)));
        $siemens = $saturationAmps * $exponential / $thermal;

        return [$saturationAmps * ($exponential - 1) + $siemens * ($volts - $limited), $siemens];
    }
}

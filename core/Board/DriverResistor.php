<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\PreferredValues;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** A resistor of a driver circuit: what it is called, and between which values the circuit makes sense. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class DriverResistor
{
    private const LEAST_TRIED_OHMS = 10.0;
    private const MOST_TRIED_OHMS = 100e3;

    /**
     * @param string $usual values, as written
     */
    public function __construct(public string $name, public float $leastOhms, public float $mostOhms, public string $usual) {}

    /**
     * @param class-string $circuit
     * @return array<string, self> the resistors of a circuit by their property
     */
    public static function of(string $circuit): array
    {
        /** @var array<class-string, array<string, self>> $known */
        static $known = [];

        return $known[$circuit] ??= array_filter(array_map(
            static fn(\ReflectionProperty $property): ?self => ($property->getAttributes(self::class)[0] ?? null)?->newInstance(),
            array_column((new \ReflectionClass($circuit))->getProperties(), null, 'name'),
        ));
    }

    /**
     * @return list<float> the E12 values that may be fitted here and are worth trying, in ohms, least first
     */
    public function steps(): array
    {
        return array_reverse(PreferredValues::e12Between(
            max(self::LEAST_TRIED_OHMS, $this->leastOhms),
            min(self::MOST_TRIED_OHMS, $this->mostOhms),
        ));
    }

    /**
     * @throws \InvalidArgumentException when a resistor of a circuit lies outside its bounds; one that is not fitted lies nowhere
     */
    public static function check(object $circuit): void
    {
        $values = get_object_vars($circuit);
        foreach (self::of($circuit::class) as $property => $resistor) {
            $ohms = $values[$property];
            if (is_float($ohms) && ($ohms < $resistor->leastOhms || $ohms > $resistor->mostOhms)) {
                throw new \InvalidArgumentException(sprintf(
                    'A %s lies between %s and %s. Usual is %s.',
                    $resistor->name,
                    QuantityPrinter::rounded($resistor->leastOhms, Unit::Ohm),
                    QuantityPrinter::rounded($resistor->mostOhms, Unit::Ohm),
                    $resistor->usual,
                ));
            }
        }
    }
}

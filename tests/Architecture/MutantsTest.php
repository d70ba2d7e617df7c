<?php

declare(strict_types=1);

namespace IronLatch\Tests\Architecture;

use IronLatch\Tests\Mutation\Mutant;
use IronLatch\Tests\Mutation\Mutants;
use PHPUnit\Framework\TestCase;

/** What bin/mutate plants: if it planted nothing, nothing would survive. */
final class MutantsTest extends TestCase
{
    private const CODE = <<<'PHP'
        <?php
        final class Heat
        {
            private const LIMIT_KELVIN = 40.0;
            private const PLACES = 3;
            private const NONE = 0;

            public static function isHot(float $kelvin, ?int $places): bool
            {
                return $kelvin > self::LIMIT_KELVIN && null === $places || 7 <= $places;
            }
        }
        PHP;
    private string $file;

    protected function setUp(): void
    {
        $this->file = (string) tempnam(sys_get_temp_dir(), 'mutant');
        file_put_contents($this->file, self::CODE);
    }

    protected function tearDown(): void
    {
        unlink($this->file);
    }

    public function testConstantsAreScaledAndComparisonsNegated(): void
    {
        self::assertSame(
            [
                '4  40.0 → 36.0', '4  40.0 → 44.0', '5  3 → 2', '5  3 → 4',
                '10  > → <=', '10  === → !==', '10  <= → >',
            ],
            array_map(static fn(Mutant $mutant): string => explode(':', $mutant->words(''))[1], self::sorted(Mutants::of($this->file))),
        );
    }

    public function testEachAltersItsOnePlaceAndIsStillCode(): void
    {
        foreach (Mutants::of($this->file) as $mutant) {
            $source = $mutant->source();
            self::assertSame(
                strlen(self::CODE) - strlen($mutant->was) + strlen($mutant->becomes),
                strlen($source),
            );
            self::assertNotSame(self::CODE, $source);
            self::assertGreaterThan(40, count(\PhpToken::tokenize($source, TOKEN_PARSE)));
        }
    }

    /** The sample of CI draws by this: what is moved by a line above it is still the same mutant. */
    public function testAMutantIsKnownByItsOwnLine(): void
    {
        $likenesses = fn(): array => array_map(
            static fn(Mutant $mutant): string => $mutant->likeness(''),
            Mutants::of($this->file),
        );
        $before = $likenesses();
        file_put_contents($this->file, str_replace("<?php\n", "<?php\n// A line more.\n", self::CODE));
        self::assertSame($before, $likenesses());
    }

    /**
     * @param list<Mutant> $mutants
     * @return list<Mutant> by their places
     */
    private static function sorted(array $mutants): array
    {
        usort($mutants, static fn(Mutant $a, Mutant $b): int => $a->from <=> $b->from);

        return $mutants;
    }
}

<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Board\Acceptance;

/** Runs the rule book over a board. */
final readonly class Inspector
{
    /**
     * @param list<Rule> $rules
     */
    public function __construct(private array $rules) {}

    public static function withRuleBook(): self
    {
        return new self(RuleBook::rules());
    }

    /** @param ?TrialNote $trial what a trial on the bench has said of this very board; null where there was none */
    public function inspect(Inspection $inspection, ?TrialNote $trial = null): Report
    {
        $findings = $notChecked = $holdPoints = [];
        foreach ($this->rules as $rule) {
            foreach ($rule->inspect($inspection) as $said) {
                match (true) {
                    $said instanceof NotChecked => $notChecked[] = $said,
                    $said instanceof HoldPoint => $holdPoints[] = $said,
                    default => $findings[$said->key()] = $said->with(self::standingAcceptance($inspection, $said)),
                };
            }
        }
        $findings = array_map(
            static fn(Finding $finding): Finding => $finding->followingFrom(self::root($findings, $finding)),
            array_values($findings),
        );
        usort($findings, self::order(...));

        $stages = [];
        foreach (Stage::cases() as $stage) {
            $stages[$stage->value] = Stage::Bench === $stage
                ? StageReport::ofTrial($trial, $inspection->isEmpty($stage))
                : self::stage($inspection, $stage, $findings, $notChecked, $holdPoints);
        }
        $paper = new Trial($this, $inspection, new Report($inspection->board, $findings, $notChecked, $stages, $holdPoints));

        return new Report(
            $inspection->board,
            array_map(static fn(Finding $finding): Finding => $finding->triedBy($paper), $findings),
            $notChecked,
            $stages,
            $holdPoints,
        );
    }

    /**
     * The finding that another one only follows from. A root that is not there, or weighs less, explains nothing.
     *
     * @param array<string, Finding> $findings by key
     */
    private static function root(array $findings, Finding $finding): ?string
    {
        foreach ([
            $finding->root,
            ...array_map(static fn(string $rule): string => Finding::keyOf($rule, $finding->subject), $finding->rule->explainedBy),
        ] as $key) {
            if (null !== $key && isset($findings[$key]) && $findings[$key]->severity->rank() <= $finding->severity->rank()) {
                return $key;
            }
        }

        return null;
    }

    /** What stands first, by the worst; within one rule the subjects decide, L2 before L10. */
    private static function order(Finding $a, Finding $b): int
    {
        $apart = self::place($a) <=> self::place($b);

        return 0 === $apart ? strnatcmp($a->subject, $b->subject) : $apart;
    }

    /**
     * @return list<bool|int|string>
     */
    private static function place(Finding $finding): array
    {
        return [
            null !== $finding->root,
            $finding->severity->rank(),
            array_search($finding->rule->stage, Stage::cases(), true),
            $finding->rule->id,
        ];
    }

    /** An acceptance lapses when the rule, the kind or the figure is no longer the one that was accepted. */
    private static function standingAcceptance(Inspection $inspection, Finding $finding): ?Acceptance
    {
        $acceptance = $inspection->board->acceptances[$finding->key()] ?? null;
        if (
            null === $acceptance
            || $acceptance->ruleVersion !== $finding->rule->version
            || $acceptance->kind !== $finding->severity->value
            || $acceptance->figure !== $finding->acceptedAs()
        ) {
            return null;
        }

        return $acceptance;
    }

    /**
     * @param list<Finding> $findings
     * @param list<NotChecked> $notChecked
     * @param list<HoldPoint> $holdPoints
     */
    private static function stage(Inspection $inspection, Stage $stage, array $findings, array $notChecked, array $holdPoints): StageReport
    {
        $isEmpty = $inspection->isEmpty($stage);
        $toVerify = count(array_filter($holdPoints, static fn(HoldPoint $point): bool => $point->rule->stage === $stage));
        $own = array_filter($findings, static fn(Finding $finding): bool => $finding->rule->stage === $stage);
        $counting = array_values(array_filter($own, static fn(Finding $finding): bool => $finding->counts()));
        $worst = $counting[0]->severity ?? null;
        $accepted = count(array_filter($own, static fn(Finding $finding): bool => null !== $finding->acceptance));
        $unknown = count(array_filter($notChecked, static fn(NotChecked $one): bool => $one->rule->stage === $stage));
        $missing = RuleBook::missingChecks()[$stage->value] ?? [];

        return new StageReport(
            $stage,
            match (true) {
                null !== $worst => LatchState::Open,
                $unknown > 0 || [] !== $missing || $isEmpty => LatchState::NotChecked,
                $accepted + $toVerify > 0 => LatchState::ShutOnCondition,
                default => LatchState::Shut,
            },
            $worst,
            count(array_filter($counting, static fn(Finding $finding): bool => $finding->severity === $worst)),
            $accepted,
            $unknown,
            $missing,
            $toVerify,
            $isEmpty,
        );
    }
}

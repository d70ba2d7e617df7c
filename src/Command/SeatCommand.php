<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Pins\SeatingPlan;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(
    'seat',
    'Seats every function of a board file and prints the board: exit 0 when all fit, 1 when some do not, 2 when the file cannot be read.',
)]
final class SeatCommand extends BoardCommand
{
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'the board file, or - for standard input')
            ->setHelp('  latch seat board.json > seated.json');
    }

    protected function work(InputInterface $input, OutputInterface $output): int
    {
        $board = $this->board($input);
        $plan = SeatingPlan::of($board);
        $this->print($output, BoardJson::write($plan->edit()->apply($board)));
        $solution = $plan->solution();
        if ($solution->fits()) {
            return Command::SUCCESS;
        }
        $names = static fn(array $ids): string => implode(
            ', ',
            array_map(static fn(mixed $id): string => is_string($id) ? '“' . $board->nameOf($id) . '”' : '', $ids),
        );
        $this->say($output, sprintf(
            'No pin is left for %s. These cannot all be seated: %s.',
            $names($solution->unseated),
            $names($solution->conflict),
        ));

        return self::OPEN;
    }
}

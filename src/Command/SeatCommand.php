<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Pins\SeatingPlan;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(
    'seat',
    'Seats every function of a board file and prints the board: exit 0 when all fit, 1 when some do not, 2 when the file cannot be read.',
)]
final class SeatCommand extends Command
{
    private const UNREADABLE = 2;

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'the board file, or - for standard input');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $file = $input->getArgument('file');
        try {
            $board = BoardFile::read(is_string($file) ? $file : '');
        } catch (BoardFileFault $fault) {
            $errors->writeln($fault->getMessage(), OutputInterface::OUTPUT_RAW);

            return self::UNREADABLE;
        }
        $plan = SeatingPlan::of($board);
        $output->write(BoardJson::write($plan->edit()->apply($board)), false, OutputInterface::OUTPUT_RAW);
        $solution = $plan->solution();
        if ($solution->fits()) {
            return Command::SUCCESS;
        }
        $names = static fn(array $ids): string => implode(
            ', ',
            array_map(static fn(mixed $id): string => is_string($id) ? '“' . $board->nameOf($id) . '”' : '', $ids),
        );
        $errors->writeln(
            sprintf('No pin is left for %s. These cannot all be seated: %s.', $names($solution->unseated), $names($solution->conflict)),
            OutputInterface::OUTPUT_RAW,
        );

        return Command::FAILURE;
    }
}

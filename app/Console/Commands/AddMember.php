<?php

namespace App\Console\Commands;

use App\Models\User;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use InkyCard\Link\MailAddress;
use InkyCard\Link\WebAddress;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** Lets somebody sign in to a workspace, which is opened if there is none of that name. */
final class AddMember extends AbstractAnswer
{
    protected $signature = 'inky:member
        {email : the mail address to sign in with}
        {--name= : what the person is called, for somebody new}
        {--workspace= : name of the firm or practice}
        {--new-workspace : open a workspace of that name beside those there are}
        {--new-password : give somebody who can sign in another password}
        {--web= : its web address, for a new workspace}
        {--country=GB : its country, two letters, for a new workspace}';

    protected $description = 'Add a member to a workspace, or give one another password';

    protected function result(): string
    {
        $email = MailAddress::parse($this->argument('email'))->address;
        $known = User::query()->where('email', $email)->first();
        if ($this->option('new-password')) {
            return $this->another($known, $email);
        }
        $name = CleanText::of($this->option('name') ?? '', 80, 'name');
        $firm = CleanText::of($this->option('workspace') ?? '', 80, 'workspace');
        if ($firm === '' || ($name === '' && $known === null)
            || ! preg_match('/^[A-Z]{2}$/D', (string) $this->option('country'))) {
            throw Refusal::because('Give --workspace, --name for somebody new, and --country as two capital letters.');
        }
        $web = $this->option('web') ? WebAddress::parse($this->option('web'))->address : '';
        $password = Str::password(16, symbols: false);

        return DB::transaction(function () use ($email, $name, $firm, $web, $known, $password): string {
            [$workspace, $opened] = $this->workspace($firm, $web);
            $user = $known ?? User::create(compact('email', 'name', 'password'));
            $added = $workspace->members()->syncWithoutDetaching($user)['attached'] !== [];
            $says = match (true) {
                $known === null => "$email can sign in to $firm with the password $password",
                $added => "$email, who can sign in already, belongs to $firm now; the password stays.",
                default => "$email belongs to $firm already: nothing is changed.",
            };

            return ($opened ? "A new workspace is opened: $firm. " : '').$says;
        });
    }

    /** @return array{Workspace, bool} whether it was opened for this */
    private function workspace(string $firm, string $web): array
    {
        $found = Workspace::query()->where('name', $firm)->first();
        $all = Workspace::query()->orderBy('name')->limit(20)->pluck('name');
        if ($found === null && $all->isNotEmpty() && ! $this->option('new-workspace')) {
            throw Refusal::because(
                'There is no workspace :firm. There are: :implode. To open one more, add --new-workspace.',
                values: ['firm' => $firm, 'implode' => $all->implode(', ')],
            );
        }

        return [
            $found ?? Workspace::create(['name' => $firm, 'web' => $web, 'country' => $this->option('country')]),
            $found === null,
        ];
    }

    private function another(?User $known, string $email): string
    {
        $password = Str::password(16, symbols: false);
        if ($known === null) {
            throw Refusal::because('Nobody signs in as :email.', values: ['email' => $email]);
        }
        $known->forceFill(['password' => $password])->save();

        return "$email signs in with the password $password from now on.";
    }
}

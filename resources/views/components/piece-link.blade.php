{{-- A piece by its kind, as a link to the bench for who makes cards. --}}
@props(['card', 'piece'])
<x-to-bench :card="$card" :piece="$piece->id">{{ Str::lower(__($piece->kind->label())) }}</x-to-bench>

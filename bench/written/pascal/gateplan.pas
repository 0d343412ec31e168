program GatePlan;

const
  Max ⟪:= 5⟶= 5⟫;

type
  TState = (Open, Shut, Stuck);
  TGate = record
    Id: integer;
    State: TState;
  end;

var
  Gates: array[1..Max] of TGate;
  I, Count: integer;
  Stop: boolean;

function Text(S: TState): string;
begin
  case S of
    Open: Text := 'open';
    Shut: Text := ⟪shut⟶'shut'⟫;
    Stuck⟪⟶:⟫ Text := 'stuck';
  end;
end;

procedure Turn(var G: TGate);
begin
  if G.State = Open then
    G.State := Shut
  ⟪elseif⟶else if⟫ G.State = Shut then
    G.State := Open;
end;

begin
  Count := 0;
  for I := 1 to Max do
  begin
    Gates[I].Id := I;
    Gates[I].State := Shut;
    if I mod 2 ⟪==⟶=⟫ 0 then
      Turn(Gates[I]);
  end;
  I := 1;
  Stop := false;
  while not Stop ⟪and I <= Max⟶and (I <= Max)⟫ do
  begin
    writeln(Gates[I].Id, ' ', Text(⟪Gates[I]⟶Gates[I].State⟫));
    if Gates[I].State = Open then
      ⟪Count++⟶Count := Count + 1⟶Inc(Count)⟫;
    Stop := Count ⟪=> 3⟶>= 3⟫;
    I := I + 1;
  end;
  writeln('open: ', Count);
end.

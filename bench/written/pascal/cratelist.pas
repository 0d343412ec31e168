program CrateList;
{$mode objfpc}

type
  PCrate = ^TCrate;
  TCrate = record
    Code: integer;
    Weight: ⟪float⟶real⟶double⟶single⟫;
    Next: ⟪TCrate⟶PCrate⟫;
  end;

  TStack = class
  private
    FTop: PCrate;
    FCount: integer⟪⟶;⟫
  public
    constructor Create;
    procedure Push(Code: integer; Weight: real);
    function Pop: integer;
    function Total: real;
    property Count: integer read FCount;
  end;

⟪constructor Create⟶constructor TStack.Create⟫;
begin
  FTop := ⟪null⟶nil⟫;
  FCount := 0;
end;

procedure TStack.Push(Code: integer; ⟪weight⟶Weight: real⟫);
var
  c: PCrate;
begin
  ⟪c := New(TCrate)⟶New(c)⟫;
  c^.Code := Code;
  c^.Weight := Weight;
  c^.Next := FTop;
  FTop := c;
  FCount := FCount + 1;
end;

function TStack.Pop⟪⟶: integer⟫;
var
  c: PCrate;
begin
  c := FTop;
  Result := c^.Code;
  FTop := c^.Next;
  Dispose(c);
  Dec(FCount⟪⟶)⟫;
end;

function TStack.Total: real;
var
  c: PCrate;
begin
  Result := 0⟪,⟶;⟫
  c := FTop;
  while c ⟪!=⟶<>⟫ nil do
  begin
    Result := Result + c^.Weight;
    c := c^.Next;
  ⟪⟶end;⟫
end;

var
  s: TStack;
begin
  s := ⟪new TStack()⟶TStack.Create⟶TStack.Create()⟫;
  s.Push(7, 1.5);
  s.Push(8⟪⟶, 2.0⟫);
  WriteLn('total ', s.Total:0:1);
  WriteLn('popped ', ⟪Pop⟶s.Pop⟫);
  if (s.Count > 0) ⟪&&⟶and⟫ (s.Total > 1) then
    WriteLn('left ', s.Count);
  s.Free;
end.

module Main where

import Data.List (sortOn, foldl')
⟪⟶import qualified Data.Map as M
⟫
type Name = String

data Leg = Leg
  { from :: Name
  , to :: Name
  , miles :: Double
  } deriving ⟪Show, Eq⟶(Show, Eq)⟫

class Described a where
  describe :: a -> String

instance Described Leg ⟪⟶where⟫
  describe l = from l ++ "-" ++ to l

legs :: [Leg]
legs =
  [ Leg "A" "B" 12
  , Leg "B" "C" 7.5
  , Leg "A" "C" 15
  ]

byStart :: [Leg] -> M.Map Name [Leg]
byStart = foldl' (\m l -> M.insertWith (++) (from l) [l] m) M.empty

longest :: [Leg] -> Leg
longest ls = head (reverse (sortOn ⟪Miles⟶miles⟫ ls))

cost :: Int -> Leg -> Double
cost heads l = ⟪heads⟶fromIntegral heads⟫ * miles l * 0.4

label :: Leg -> String
label l = case miles l of
  m | m > 10 -> "long"
    | m > 5 -> "mid"
    | ⟪else⟶otherwise⟫ -> "short"

report :: Leg -> IO ()
report l = do
  putStrLn (describe l ++ ": " ++ label l)
  print (cost ⟪l 3⟶3 l⟫)

main :: IO ()
main = do
  mapM_ report legs
  let m = byStart legs
  putStrLn ("from A: " ++ ⟪length (M.findWithDefault [] "A" m)⟶show (length (M.findWithDefault [] "A" m))⟫)
  ⟪putStrln⟶putStrLn⟫ (describe (longest legs))

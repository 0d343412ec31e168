import Text.Read (readMaybe)
import Data.Char (⟪isspace⟶isSpace⟫)

data Item = Crate Double | Barrel Double Int | Loose String Double
  deriving Show

data Problem = Empty | NotANumber String | TooHeavy Double
  deriving (Eq, Show)

weight :: Item -> Double
weight (Crate w) = w
weight (Barrel w n) = w * ⟪n⟶fromIntegral n⟫
weight ⟪Loose _ w⟶(Loose _ w)⟫ = w

trim :: String -> String
trim text = dropWhile isSpace (reverse (dropWhile isSpace (reverse text)⟪⟶)⟫)

parseWeight :: String -> Either Problem Double
parseWeight text
  | null text = ⟪Empty⟶Left Empty⟫
  | otherwise = case readMaybe text of
      Just w | w > 5000 -> Left (TooHeavy w)
             | otherwise -> ⟪w⟶Right w⟫
      Nothing -> Left (NotANumber text)

parseAll :: [String] -> Either Problem [Double]
parseAll = mapM ⟪(parseWeight trim)⟶(parseWeight . trim)⟫

total :: [Item] -> Double
total items = ⟪foldr (\item sum -> sum + item)⟶foldr (\item sum -> sum + weight item)⟫ 0 items

heaviest :: [Item] -> Maybe Item
heaviest [] = Nothing
heaviest items = Just (foldr1 pick items)
  where
    pick a b
      ⟪| if weight a >= weight b ⟶| weight a >= weight b ⟫= a
      | otherwise = b

report :: Either Problem [Double] -> String
report (Left problem) = "stopped: " ++ show problem
report (Right ws) = "sum " ++ show (sum ws⟪⟶)⟫

main :: IO ()
main = do
  let items = [Crate 120.5, Barrel 40 3, Loose "rope"⟪⟶ 12.5⟶ 10⟫]
  putStrLn (⟪"load " + show (total items)⟶"load " ++ show (total items)⟫)
  putStrLn (report (parseAll ["12", " 40 ", "x9"]))
  case heaviest items of
    Just item ⟪=⟶->⟫ print item
    Nothing -> ⟪return⟶return ()⟶putStrLn "nothing"⟫
